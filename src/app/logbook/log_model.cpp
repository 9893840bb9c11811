#include "app/logbook/log_model.h"

#include "app/numbers/numbers.h"
#include "app/session/wording.h"

#include <QDateTime>
#include <QLocale>
#include <algorithm>

namespace bombo {
namespace {

template <class T> QString known(const std::optional<T>& figure, int digits, const QString& unit) {
    return figure ? number(figure->value, digits) + unit : QStringLiteral("–");
}

std::optional<Hertz> edgeOf(const HeadFigures& head) {
    return head.left ? std::optional(head.left->edge) : std::nullopt;
}

} // namespace

void LogModel::show(std::vector<LogEntry> entries, const std::vector<DrumRow>& drums,
                    const std::vector<Tone>& tones) {
    beginResetModel();
    m_entries = std::move(entries);
    m_figures.assign(m_entries.size(), std::nullopt);
    m_drums = drums;
    m_tones = tones;
    endResetModel();
}

const LogEntry* LogModel::entry(int row) const {
    return row >= 0 && row < rowCount() ? &m_entries[static_cast<std::size_t>(row)] : nullptr;
}

const EntryFigures& LogModel::figures(int row) const {
    const auto at = static_cast<std::size_t>(row);
    if (!m_figures[at]) {
        auto read = entryFiguresFrom(m_entries[at].summary.toStdString());
        m_figures[at] = read ? std::move(read).value() : EntryFigures{};
    }
    return *m_figures[at];
}

int LogModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_entries.size());
}

int LogModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : kColumns;
}

QVariant LogModel::headerData(int section, Qt::Orientation orientation, int role) const {
    const QStringList names{tr("When"),       tr("Drum"),    tr("Tone"),     tr("Batter"),
                            tr("Snare side"), tr("Even to"), tr("Strainer"), tr("Note")};
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole || section >= names.size())
        return QAbstractTableModel::headerData(section, orientation, role);
    return names[section];
}

QVariant LogModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || (role != Qt::DisplayRole && role != Qt::ToolTipRole))
        return {};
    return cell(index.row(), index.column());
}

QString LogModel::cell(int row, int column) const {
    const LogEntry& entry = m_entries[static_cast<std::size_t>(row)];
    switch (column) {
    case 0:
        return QLocale().toString(QDateTime::fromString(entry.savedAt, Qt::ISODate),
                                  QStringLiteral("d MMM yyyy  hh:mm"));
    case 1: {
        const auto drum = std::find_if(m_drums.begin(), m_drums.end(),
                                       [&](const DrumRow& one) { return one.drum.id == entry.drumId; });
        return QString::fromStdString(drum == m_drums.end() ? entry.drumId : drum->drum.name);
    }
    case 2:
        return cueName(entry.toneId, m_tones);
    case 3:
        return known(edgeOf(figures(row).batter), 1, tr(" Hz"));
    case 4:
        return known(edgeOf(figures(row).snareSide), 1, tr(" Hz"));
    case 5:
        return QStringLiteral("± ") + known(figures(row).batter.evenTo, 0, tr(" cents"));
    case 6:
        return figures(row).strainer ? turnsText(*figures(row).strainer) : QStringLiteral("–");
    default:
        return QString::fromStdString(figures(row).words.note).simplified();
    }
}

} // namespace bombo
