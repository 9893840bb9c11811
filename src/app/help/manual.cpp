#include "app/help/manual.h"

#include <QFile>
#include <QRegularExpression>
#include <algorithm>

namespace bombo {
namespace {

constexpr std::size_t kMostFinds = 30;

/// What a word has in common with its other forms: "choked" and "choking" with "choke".
QString stem(QString word) {
    for (const char* ending : {"ing", "ed", "es", "s", "e"})
        if (word.size() > 4 && word.endsWith(QLatin1String(ending))) {
            word.chop(static_cast<int>(std::char_traits<char>::length(ending)));
            break;
        }
    return word;
}

/// Words that a paragraph is found by too, though it does not use them: "<!-- also: lug -->" in its text.
const QRegularExpression& alsoWords() {
    static const QRegularExpression also(QStringLiteral("<!-- also: (.*?) -->"));
    return also;
}

/// A word as it stands in a text, by its stem; a letter or two are a word of their own.
QRegularExpression wordOf(const QString& stem) {
    return QRegularExpression(QStringLiteral("\\b") + QRegularExpression::escape(stem) +
                                  (stem.size() <= 2 ? QStringLiteral("\\b") : QStringLiteral("\\w*")),
                              QRegularExpression::CaseInsensitiveOption);
}

QString plain(QString markdown) {
    static const QRegularExpression picture(QStringLiteral("!\\[[^\\]]*\\]\\([^)]*\\)"));
    static const QRegularExpression link(QStringLiteral("\\[([^\\]]*)\\]\\([^)]*\\)"));
    static const QRegularExpression marks(QStringLiteral("[*`#|]+|^\\s*(-|\\d+\\.) "));
    return markdown.remove(alsoWords())
        .remove(picture)
        .replace(link, QStringLiteral("\\1"))
        .replace(marks, QStringLiteral(" "))
        .simplified();
}

std::vector<ManualPage> readPages() {
    std::vector<ManualPage> pages;
    for (const char* name : {"first-job", "drum", "tone", "heads", "listening", "wires", "muffling", "proof",
                             "logbook", "faults", "practice", "keys", "care"}) {
        const QString file = QString::fromLatin1(name) + QStringLiteral(".md");
        QFile source(QStringLiteral(":/manual/") + file);
        if (!source.open(QIODevice::ReadOnly))
            continue;
        const QString text = QString::fromUtf8(source.readAll());
        pages.push_back({file, plain(text.section(QLatin1Char('\n'), 0, 0)), text});
    }
    return pages;
}

} // namespace

const std::vector<ManualPage>& manualPages() {
    static const std::vector<ManualPage> pages = readPages();
    return pages;
}

QString shownText(const ManualPage& page) {
    return QString(page.text).remove(alsoWords());
}

std::vector<ManualFind> searchManual(const QString& words) {
    std::vector<QRegularExpression> wanted;
    for (const QString& word :
         words.toLower().split(QRegularExpression(QStringLiteral("\\W+")), Qt::SkipEmptyParts))
        wanted.push_back(wordOf(stem(word)));
    std::vector<ManualFind> titles;
    std::vector<ManualFind> lines;
    if (wanted.empty())
        return lines;
    const auto holds = [&](const QString& text) {
        return std::all_of(wanted.begin(), wanted.end(),
                           [&](const QRegularExpression& one) { return text.contains(one); });
    };
    static const QRegularExpression paragraphs(QStringLiteral("\\n\\s*\\n|\\n(?=\\s*[-*|\\d])"));
    for (int page = 0; page < static_cast<int>(manualPages().size()); ++page)
        for (const QString& part : manualPages()[static_cast<std::size_t>(page)].text.split(paragraphs)) {
            const QString line = plain(part);
            if (line.isEmpty() || !holds(line + QLatin1Char(' ') + alsoWords().match(part).captured(1)))
                continue;
            const QRegularExpressionMatch first = wanted.front().match(line);
            const ManualFind found{page, line, std::max<qsizetype>(0, first.capturedStart()),
                                   first.captured()};
            (part.trimmed().startsWith(QLatin1Char('#')) ? titles : lines).push_back(found);
        }
    titles.insert(titles.end(), lines.begin(), lines.end());
    titles.resize(std::min(titles.size(), kMostFinds));
    return titles;
}

} // namespace bombo
