#include "app/logbook/compare_panel.h"

#include "app/listening/sound_output.h"
#include "app/logbook/back_words.h"
#include "app/numbers/numbers.h"
#include "app/session/wording.h"
#include "app/theme/fitted_type.h"
#include "app/theme/palette.h"
#include "app/theme/parts.h"
#include "app/theme/scale.h"
#include "core/record/session_sound.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>
#include <array>
#include <cmath>

namespace bombo {

/// A line a difference: by how many just noticeable steps, past the mark where hearing begins.
class CompareView : public QWidget {
public:
    CompareView() {
        setObjectName(QStringLiteral("differences"));
        setAccessibleName(ComparePanel::tr("What differs"));
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    }
    void show(std::vector<Difference> differences, const EntryFigures& inHand = {},
              const EntryFigures& other = {}) {
        m_differences = std::move(differences);
        m_rods = {rodsOf(inHand), rodsOf(other)};
        QStringList lines;
        for (const Difference& one : m_differences)
            lines
                << ComparePanel::tr("%1: %2, %3").arg(differsName(one.what), differenceText(one), heard(one));
        describe(this, lines.isEmpty() ? none() : lines.join(QStringLiteral("; ")));
        setToolTip({});
        update();
    }
    QSize minimumSizeHint() const override { return scaled(QSize(300, 110)); }

protected:
    void paintEvent(QPaintEvent*) override {
        PicturePainter painter(this);
        const QRectF area = drawnRect(*this);
        if (m_differences.empty()) {
            painter.setFont(typeface(15));
            painter.setPen(ink().quiet);
            painter.drawText(area, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, none());
            return;
        }
        const bool hasRods = !m_rods[0].empty() && m_rods[0].size() == m_rods[1].size();
        const double below = hasRods ? std::min(96.0, 0.36 * area.height()) : 0.0;
        const double high =
            std::min(24.0, (area.height() - below - 16.0) / static_cast<double>(m_differences.size()));
        if (hasRods)
            paintRods(painter, QRectF(area.left(), area.bottom() - below, area.width(), below));
        const double nameEnds = area.left() + 0.32 * area.width();
        const double barBegins = nameEnds + 10.0;
        const double step = 0.05 * area.width(); // of one just noticeable difference
        const double textBegins = barBegins + step * kMostSteps + 12.0;
        painter.setPen(QPen(ink().quiet, 1, Qt::DashLine));
        const double bottom = area.top() + high * static_cast<double>(m_differences.size());
        painter.drawLine(QPointF(barBegins + step, area.top()), QPointF(barBegins + step, bottom));
        double y = area.top();
        for (const Difference& one : m_differences) {
            const bool isHeard = one.isHeard();
            const QFont::Weight weight = isHeard ? QFont::DemiBold : QFont::Normal;
            const QString name = differsName(one.what);
            painter.setPen(isHeard ? ink().ink : ink().quiet);
            painter.setFont(typefaceFor(name, nameEnds - area.left(), 14, weight));
            painter.drawText(QRectF(area.left(), y, nameEnds - area.left(), high),
                             Qt::AlignRight | Qt::AlignVCenter, name);
            if (one.steps > 0.0) {
                const double width = step * std::min(kMostSteps, one.steps);
                painter.fillRect(QRectF(barBegins, y + 0.5 * high - 4, width, 8),
                                 isHeard ? ink().accent : ink().quiet);
            }
            const QString text = differenceText(one);
            painter.setPen(isHeard ? ink().ink : ink().quiet);
            painter.setFont(typefaceFor(text, area.right() - textBegins, 14, weight));
            painter.drawText(QRectF(textBegins, y, area.right() - textBegins, high),
                             Qt::AlignLeft | Qt::AlignVCenter, text);
            y += high;
        }
        const QString mark = ComparePanel::tr("heard from here on");
        painter.setFont(typeface(12));
        painter.setPen(ink().quiet);
        if (bottom + 16 <= area.bottom())
            painter.drawText(QRectF(barBegins + step + 4, bottom, 240, 16), Qt::AlignLeft | Qt::AlignVCenter,
                             mark);
    }

private:
    static constexpr double kMostSteps = 5.0;
    static std::vector<Cents> rodsOf(const EntryFigures& figures) {
        return figures.batter.left ? figures.batter.left->rods : std::vector<Cents>{};
    }

    /// The batter laid flat, rod by rod: the entry in hand hollow, the other full.
    void paintRods(QPainter& painter, const QRectF& box) const {
        constexpr double captionWide = 150.0;
        const QRectF field(box.left() + captionWide, box.top() + 6, box.width() - captionWide - 6,
                           box.height() - 24);
        double most = 8.0;
        for (const auto& rods : m_rods)
            for (const Cents cents : rods)
                most = std::max(most, std::abs(cents.value));
        painter.setPen(QPen(ink().line, 1));
        painter.drawLine(QPointF(field.left(), field.center().y()),
                         QPointF(field.right(), field.center().y()));
        painter.setFont(typeface(12));
        painter.setPen(ink().quiet);
        painter.drawText(QRectF(box.left(), field.top(), captionWide - 10, field.height()),
                         Qt::AlignRight | Qt::AlignVCenter | Qt::TextWordWrap,
                         ComparePanel::tr("batter rod by rod, ± %1 cents: ○ this entry, ● the other")
                             .arg(number(std::ceil(most), 0)));
        const auto rods = static_cast<double>(m_rods[0].size());
        for (std::size_t rod = 0; rod < m_rods[0].size(); ++rod) {
            const double x = field.left() + field.width() * (static_cast<double>(rod) + 0.5) / rods;
            const auto place = [&](const std::vector<Cents>& of) {
                return QPointF(x, field.center().y() - 0.5 * field.height() * of[rod].value / most);
            };
            painter.setPen(QPen(ink().batter, 1.4));
            painter.drawLine(place(m_rods[0]), place(m_rods[1]));
            painter.setBrush(ink().batter);
            painter.drawEllipse(place(m_rods[1]), 4, 4);
            painter.setBrush(ink().card);
            painter.drawEllipse(place(m_rods[0]), 4, 4);
            painter.setPen(ink().quiet);
            painter.drawText(QRectF(x - 15, field.bottom() + 2, 30, 14), Qt::AlignCenter,
                             QString::number(rod + 1));
        }
    }

    static QString heard(const Difference& one) {
        return one.isHeard() ? ComparePanel::tr("can be heard") : ComparePanel::tr("not heard by itself");
    }
    static QString none() { return ComparePanel::tr("Nothing that is known in both differs."); }

    std::vector<Difference> m_differences;
    std::array<std::vector<Cents>, 2> m_rods; ///< of the batter: the entry in hand, the other
};

ComparePanel::ComparePanel(SessionController& controller, QWidget* parent)
    : QWidget(parent), m_controller(controller) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* row = new QHBoxLayout;
    row->addWidget(textLabel("quiet", tr("against")));
    m_with = new QComboBox;
    m_with->setObjectName(QStringLiteral("compareWith"));
    m_with->setAccessibleName(tr("Compare with"));
    m_with->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    m_with->setMinimumContentsLength(18);
    connect(m_with, &QComboBox::activated, this, &ComparePanel::compare);
    row->addWidget(m_with, 1);
    m_hear = secondaryButton(tr("Hear both"));
    m_hear->setObjectName(QStringLiteral("hearBoth"));
    connect(m_hear, &QPushButton::clicked, this, &ComparePanel::hearBoth);
    row->addWidget(m_hear);
    column->addLayout(row);
    m_view = new CompareView;
    column->addWidget(m_view, 1);
    m_stars = textLabel("quiet");
    m_stars->setObjectName(QStringLiteral("explainsStars"));
    m_stars->setWordWrap(true);
    column->addWidget(m_stars);
}

void ComparePanel::show(Biography& biography, const Entry* entry, const std::vector<Tone>& tones) {
    m_biography = &biography;
    m_tones = tones;
    m_entry = entry != nullptr ? entry->id : 0;
    const QVariant kept = m_wanted != 0 ? QVariant::fromValue<qlonglong>(m_wanted) : m_with->currentData();
    m_wanted = 0;
    m_with->clear();
    m_with->addItem(tr("the drum as it is now"), QVariant::fromValue<qlonglong>(0));
    const std::int64_t now = Biography::clock();
    const auto& all = biography.entries();
    for (auto one = all.rbegin(); one != all.rend(); ++one)
        if (entry != nullptr && one->drumId == entry->drumId && one->id != entry->id)
            m_with->addItem(tr("%1: %2").arg(dayText(one->at, now), cueName(one->toneId, tones)),
                            QVariant::fromValue<qlonglong>(one->id));
    m_with->setCurrentIndex(std::max(0, m_with->findData(kept)));
    compare();
}

void ComparePanel::against(std::int64_t entry) {
    m_wanted = entry;
    if (const int at = m_with->findData(QVariant::fromValue<qlonglong>(entry)); at >= 0) {
        m_with->setCurrentIndex(at);
        compare();
    }
}

/// What the entry is compared with. @pre show() was called
const EntryFigures& ComparePanel::other() {
    if (const Entry* entry = m_biography->entry(m_with->currentData().toLongLong()))
        return entry->figures;
    m_now = m_biography->now();
    return m_now.figures;
}

void ComparePanel::hearBoth() {
    const Entry* entry = m_biography->entry(m_entry);
    if (entry == nullptr)
        return;
    const auto one = strokeThen(m_controller.session(), entry->figures);
    const auto two = strokeThen(m_controller.session(), other());
    if (one && two)
        m_controller.output().hear(*one, *two);
}

void ComparePanel::compare() {
    const Entry* entry = m_biography != nullptr ? m_biography->entry(m_entry) : nullptr;
    m_view->show({});
    m_stars->clear();
    m_stars->hide();
    m_hear->setEnabled(false);
    if (entry == nullptr)
        return;
    const EntryFigures& figures = other();
    m_view->show(differences(entry->figures, figures), entry->figures, figures);
    const bool sounds =
        canSound(m_controller.session(), entry->figures) && canSound(m_controller.session(), figures);
    m_hear->setEnabled(sounds);
    m_hear->setToolTip(sounds ? tr("A stroke of this entry, then one of the other, equally loud: as they are "
                                   "predicted, not recorded")
                              : tr("One of them does not say how high both heads were, or had another head"));
    std::vector<Entry> alike;
    for (const Entry& one : m_biography->entries())
        if (one.drumId == entry->drumId && one.toneId == entry->toneId)
            alike.push_back(one);
    if (const auto explained = explainsStars(alike)) {
        m_stars->setText(
            tr("Over %n entries of this tone the stars go with the %1: best near %2.", nullptr,
               explained->entries)
                .arg(differsName(explained->what), figureText(explained->what, explained->best)));
        m_stars->show();
    }
}

} // namespace bombo
