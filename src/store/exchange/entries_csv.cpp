#include "store/exchange/entries_csv.h"

#include "core/record/entry_figures.h"
#include "core/record/json_values.h"
#include "core/wires/wire_sweep.h"
#include "store/exchange/csv_cell.h"

#include <QDateTime>
#include <QRegularExpression>
#include <array>
#include <cmath>

namespace bombo {
namespace {

/// A column: its head, where its figure stands in a summary, and the unit that it is kept in.
struct Column {
    const char* head;
    const char* place; ///< JSON pointer; empty: no figure
    double lowest;
    double highest;
};
constexpr std::array kFigures{
    Column{"batter_hz", "/batter/measured_hz", 1.0, 5000.0},
    Column{"batter_wanted_hz", "/batter/target_hz", 1.0, 5000.0},
    Column{"batter_even_cents", "/batter/widest_cents", 0.0, 12000.0},
    Column{"snare_side_hz", "/snare_side/measured_hz", 1.0, 5000.0},
    Column{"snare_side_wanted_hz", "/snare_side/target_hz", 1.0, 5000.0},
    Column{"strainer_turns", "/strainer_turns", 0.0, kFarthestStrainer},
    Column{"ring_predicted_s", "/ring_predicted_s", 0.0, 60.0},
    Column{"ring_heard_s", "/heard/ring_s", 0.0, 60.0},
    Column{"temperature_c", "/temperature_c", -100.0, 100.0},
    Column{"humidity_percent", "/relative_humidity", 0.0, 1.0},
    Column{"stars", "/stars", 0.0, 5.0},
    Column{"hours_played", "/hours", 0.0, kMostHours},
};
constexpr std::array kTexts{Column{"player", "/player", 0, 0}, Column{"place", "/place", 0, 0},
                            Column{"note", "/note", 0, 0}};

std::optional<Hertz> edge(const HeadFigures& head) {
    return head.left ? std::optional(head.left->edge) : std::nullopt;
}

/// The cells of a text, row by row; quotes hold separators and line ends.
std::vector<QStringList> rowsOf(const QString& text, QChar separator) {
    std::vector<QStringList> rows;
    QStringList row;
    QString cell;
    bool isQuoted = false;
    const auto endRow = [&] {
        row << cell;
        cell.clear();
        if (row.size() > 1 || !row.front().trimmed().isEmpty())
            rows.push_back(row);
        row.clear();
    };
    for (qsizetype i = 0; i < text.size(); ++i) {
        const QChar c = text[i];
        if (isQuoted) {
            if (c != QLatin1Char('"'))
                cell += c;
            else if (i + 1 < text.size() && text[i + 1] == c)
                cell += text[++i];
            else
                isQuoted = false;
        } else if (c == QLatin1Char('"') && cell.isEmpty()) {
            isQuoted = true;
        } else if (c == separator) {
            row << cell;
            cell.clear();
        } else if (c == QLatin1Char('\n')) {
            endRow();
        } else if (c != QLatin1Char('\r')) {
            cell += c;
        }
    }
    if (!cell.isEmpty() || !row.isEmpty())
        endRow();
    return rows;
}

QChar separatorOf(const QString& text) {
    const QString head = text.section(QLatin1Char('\n'), 0, 0);
    QChar best = QLatin1Char(',');
    for (const QChar c : {QLatin1Char(';'), QLatin1Char('\t')})
        if (head.count(c) > head.count(best))
            best = c;
    return best;
}

/// A head of a column taken apart: "Ring heard (ms)" is "ring_heard" in "ms".
struct Head {
    QString name;
    QString unit;
};
Head headOf(const QString& cell) {
    QString words = cell.trimmed().toLower();
    words.replace(QRegularExpression(QStringLiteral("[^\\p{L}\\d%]+")), QStringLiteral("_"));
    words.remove(QRegularExpression(QStringLiteral("^_+|_+$")));
    static const QStringList units{QStringLiteral("hz"), QStringLiteral("cents"),   QStringLiteral("turns"),
                                   QStringLiteral("s"),  QStringLiteral("ms"),      QStringLiteral("c"),
                                   QStringLiteral("f"),  QStringLiteral("percent"), QStringLiteral("%"),
                                   QStringLiteral("khz")};
    const QString last = words.section(QLatin1Char('_'), -1);
    if (units.contains(last) && words != last)
        return {words.chopped(last.size() + 1), last};
    return {words, {}};
}

/// To the unit that a figure is kept in.
double inKeptUnit(double value, const QString& unit) {
    if (unit == QLatin1String("ms"))
        return value * 1e-3;
    if (unit == QLatin1String("khz"))
        return value * 1e3;
    if (unit == QLatin1String("f"))
        return (value - 32.0) / 1.8;
    if (unit == QLatin1String("percent") || unit == QLatin1String("%"))
        return value * 1e-2;
    return value;
}

/// "301,4 Hz" or "301.4": a figure and perhaps a unit of its own.
struct Figure {
    double value;
    QString unit;
};
std::optional<Figure> figureIn(const QString& cell) {
    static const QRegularExpression form(
        QStringLiteral("^[±+]?\\s*([-\\x{2212}]?\\d+(?:[.,]\\d+)?)\\s*(\\D*)$"));
    const auto match = form.match(cell.trimmed());
    if (!match.hasMatch())
        return std::nullopt;
    QString digits = match.captured(1);
    digits.replace(QLatin1Char(','), QLatin1Char('.')).replace(QChar(0x2212), QLatin1Char('-'));
    QString unit = match.captured(2).trimmed().toLower();
    unit.remove(QChar(0xB0)); // degrees
    return Figure{digits.toDouble(), unit};
}

/// A figure's column as a table has it.
struct FigureAt {
    const Column* column;
    int place;
    QString headUnit; ///< as the head names it; may be empty
    QString ownUnit;  ///< as the exported head would
};
struct WordsAt {
    const Column* column;
    int place;
};

class Table {
public:
    explicit Table(const QString& text) : m_rows(rowsOf(text, separatorOf(text))) {}

    Result<Parcel, InputProblem> entries(const Progress& progress) {
        if (m_rows.size() < 2)
            return failure(InputProblem{"", "The table holds no rows below its heads."});
        if (m_rows.size() > kMostRows + 1 || static_cast<std::size_t>(m_rows.front().size()) > kMostColumns)
            return failure(InputProblem{
                "", "The table has " + std::to_string(m_rows.size() - 1) + " rows and " +
                        std::to_string(m_rows.front().size()) + " columns; a logbook has at most " +
                        std::to_string(kMostRows) + " and " + std::to_string(kMostColumns) + "."});
        for (const QString& cell : m_rows.front())
            m_heads.push_back(headOf(cell));
        for (const char* needed : {"saved_at", "drum", "tone"})
            if (columnOf(needed) < 0)
                return failure(InputProblem{needed,
                                            "is missing: the first row must name the columns, among them "
                                            "saved_at, drum and tone"});
        if (columnOf("rod") >= 0 && columnOf("pitch_hz") >= 0)
            return failure(InputProblem{"rod",
                                        "is of a table of single readings, which only goes out: take in "
                                        "the entries (.csv) or everything (.json)"});
        findColumns();
        Parcel parcel;
        for (std::size_t row = 1; row < m_rows.size(); ++row) {
            if (!goesOn(progress, row, m_rows.size()))
                return failure(InputProblem{"", kGivenUp});
            auto entry = entryOf(row);
            if (entry)
                parcel.entries.push_back(std::move(entry).value());
            else
                parcel.leftOut << QString::fromStdString(entry.fault().text());
        }
        return parcel;
    }

private:
    int columnOf(const QString& name) const {
        for (std::size_t i = 0; i < m_heads.size(); ++i)
            if (m_heads[i].name == name || m_heads[i].name + QLatin1Char('_') + m_heads[i].unit == name)
                return static_cast<int>(i);
        return -1;
    }
    int columnOf(const char* name) const { return columnOf(QString::fromLatin1(name)); }

    /// Once for all rows.
    void findColumns() {
        m_savedAt = columnOf("saved_at");
        m_drum = columnOf("drum");
        m_tone = columnOf("tone");
        m_tags = columnOf("tags");
        for (const Column& column : kFigures) {
            // The head of the file that was exported names the unit; others may name their own.
            const Head own = headOf(QLatin1String(column.head));
            int place = columnOf(column.head);
            if (place < 0)
                place = columnOf(own.name);
            if (place >= 0)
                m_figures.push_back(
                    {&column, place, m_heads[static_cast<std::size_t>(place)].unit, own.unit});
        }
        for (const Column& column : kTexts)
            if (const int place = columnOf(column.head); place >= 0)
                m_texts.push_back({&column, place});
    }

    QString rawAt(std::size_t row, int column) const {
        return column >= 0 && column < m_rows[row].size() ? m_rows[row][column] : QString();
    }
    QString at(std::size_t row, int column) const { return rawAt(row, column).trimmed(); }
    static InputProblem fault(std::size_t row, const char* column, const std::string& words) {
        return {"line " + std::to_string(row + 1) + ", " + column, words};
    }

    /// @return what is wrong with it
    std::optional<InputProblem> takeFigure(std::size_t row, const FigureAt& at_, Json& summary) const {
        const Column& column = *at_.column;
        const QString cell = at(row, at_.place);
        if (cell.isEmpty())
            return std::nullopt;
        const auto figure = figureIn(cell);
        if (!figure)
            return fault(row, column.head, "\"" + cell.toStdString() + "\" is no figure");
        const QString saidUnit = figure->unit.isEmpty() ? at_.headUnit : figure->unit;
        const bool isShareOrPercent =
            saidUnit.isEmpty() && at_.ownUnit == QLatin1String("percent") && figure->value <= 1.0;
        if (isShareOrPercent && figure->value > 0.0)
            return fault(row, column.head,
                         "\"" + cell.toStdString() +
                             "\" may be a share or a percentage: write 45 %, or name the column " +
                             column.head);
        const double value = inKeptUnit(figure->value, saidUnit.isEmpty() ? at_.ownUnit : saidUnit);
        if (!(value >= column.lowest && value <= column.highest))
            return fault(row, column.head, "\"" + cell.toStdString() + "\" is beyond what a drum can have");
        summary[Json::json_pointer(column.place)] = value;
        return std::nullopt;
    }

    Result<KeptEntry, InputProblem> entryOf(std::size_t row) const {
        KeptEntry kept;
        if (m_rows[row].size() > m_rows.front().size())
            return failure(
                fault(row, "cells",
                      "there are more cells than heads: a figure with a decimal comma in a table that "
                      "is separated by commas? Save the table with semicolons or with points"));
        const QString when = at(row, m_savedAt);
        if (!QDateTime::fromString(when, Qt::ISODate).isValid())
            return failure(fault(row, "saved_at", "must be a time like 2026-11-29T20:15:00+01:00"));
        kept.entry.savedAt = when;
        kept.entry.drumId = wordsIn(at(row, m_drum)).toStdString();
        kept.entry.toneId = wordsIn(at(row, m_tone)).toStdString();
        if (kept.entry.drumId.empty() || kept.entry.toneId.empty())
            return failure(fault(row, "drum", "must name a drum and a tone"));
        Json summary = Json::object();
        for (const FigureAt& one : m_figures)
            if (auto problem = takeFigure(row, one, summary))
                return failure(std::move(*problem));
        for (const WordsAt& one : m_texts)
            if (const QString text = wordsIn(rawAt(row, one.place)); !text.isEmpty()) {
                const auto bytes = text.toStdString();
                const bool isNote = std::string_view(one.column->head) == "note";
                if (bytes.size() > (isNote ? kLongestNote : kLongestName))
                    return failure(fault(
                        row, one.column->head,
                        "is longer than " + std::to_string(isNote ? kLongestNote : kLongestName) + " bytes"));
                summary[Json::json_pointer(one.column->place)] = bytes;
            }
        if (const QString tags = wordsIn(rawAt(row, m_tags)); !tags.trimmed().isEmpty())
            for (const QString& tag : tags.split(QLatin1Char(';'), Qt::SkipEmptyParts))
                summary["tags"].push_back(tag.trimmed().toStdString());
        kept.entry.summary = QString::fromStdString(summary.dump());
        return kept;
    }

    std::vector<QStringList> m_rows;
    std::vector<Head> m_heads;
    std::vector<FigureAt> m_figures;
    std::vector<WordsAt> m_texts;
    int m_savedAt = -1;
    int m_drum = -1;
    int m_tone = -1;
    int m_tags = -1;
};

} // namespace

std::optional<InputProblem> faultInSetup(const Json& setup) {
    const auto at = [&](const Column& column) -> const Json* {
        const Json::json_pointer place(column.place);
        return setup.contains(place) && !setup.at(place).is_null() ? &setup.at(place) : nullptr;
    };
    const auto key = [](const Column& column) { return "setup." + std::string(column.place).substr(1); };
    for (const Column& column : kFigures)
        if (const Json* value = at(column)) {
            if (!value->is_number())
                return InputProblem{key(column), "must be a number"};
            if (const double figure = value->get<double>();
                !(figure >= column.lowest && figure <= column.highest))
                return InputProblem{key(column), "must lie between " + Json(column.lowest).dump() + " and " +
                                                     Json(column.highest).dump()};
        }
    for (const Column& column : kTexts)
        if (const Json* value = at(column); value != nullptr && !value->is_string())
            return InputProblem{key(column), "must be a text"};
    return std::nullopt;
}

QString entriesCsv(const std::vector<Entry>& entries) {
    QStringList heads{QStringLiteral("saved_at"), QStringLiteral("drum"), QStringLiteral("tone")};
    for (const Column& column : kFigures)
        heads << QLatin1String(column.head);
    for (const Column& column : kTexts)
        heads << QLatin1String(column.head);
    heads << QStringLiteral("tags");
    QString text = heads.join(QLatin1Char(',')) + QLatin1Char('\n');
    for (const Entry& entry : entries) {
        const EntryFigures& f = entry.figures;
        QStringList tags;
        for (const std::string& tag : f.words.tags)
            tags << QString::fromStdString(tag);
        const QStringList figures{figure(edge(f.batter), 2),
                                  figure(f.batter.wanted, 2),
                                  figure(f.batter.evenTo, 1),
                                  figure(edge(f.snareSide), 2),
                                  figure(f.snareSide.wanted, 2),
                                  figure(f.strainer, 4),
                                  figure(f.ringPredicted, 3),
                                  figure(f.ringHeard, 3),
                                  figure(f.weather.temperature, 1),
                                  f.weather.humidity ? figure(100.0 * *f.weather.humidity, 1) : QString(),
                                  f.words.stars > 0 ? QString::number(f.words.stars) : QString(),
                                  f.words.hours ? figure(*f.words.hours, 2) : QString()};
        QStringList line{when(entry.at), quoted(QString::fromStdString(entry.drumId)),
                         quoted(QString::fromStdString(entry.toneId))};
        line += figures;
        for (const std::string& words : {f.words.player, f.words.place, f.words.note})
            line << quoted(QString::fromStdString(words));
        line << quoted(tags.join(QLatin1Char(';')));
        text += line.join(QLatin1Char(',')) + QLatin1Char('\n');
    }
    return text;
}

Result<Parcel, InputProblem> entriesFromCsv(const QByteArray& bytes, const Progress& progress) {
    QString text = QString::fromUtf8(bytes); // drops a byte-order mark
    if (text.startsWith(QChar(0xFEFF)))
        text.remove(0, 1);
    return Table(text).entries(progress);
}

} // namespace bombo
