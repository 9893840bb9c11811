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

void LogModel::show(std::vector<Entry> entries, const std::vector<DrumRow>& drums,
                    const std::vector<Tone>& tones) {
    beginResetModel();
    m_entries = std::move(entries);
    m_drums = drums;
    m_tones = tones;
    endResetModel();
}

const Entry* LogModel::entry(int row) const {
    return row >= 0 && row < rowCount() ? &m_entries[static_cast<std::size_t>(row)] : nullptr;
}

int LogModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : static_cast<int>(m_entries.size());
}

int LogModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : kColumns;
}

QVariant LogModel::headerData(int section, Qt::Orientation orientation, int role) const {
    const QStringList names{tr("When"),    tr("Drum"),     tr("Tone"),  tr("Batter"), tr("Snare side"),
                            tr("Even to"), tr("Strainer"), tr("Stars"), tr("Note")};
    if (orientation != Qt::Horizontal || role != Qt::DisplayRole || section >= names.size())
        return QAbstractTableModel::headerData(section, orientation, role);
    return names[section];
}

QVariant LogModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid())
        return {};
    switch (role) {
    case Qt::DisplayRole:
    case Qt::ToolTipRole:
        return cell(index.row(), index.column());
    case kSortRole:
        return sortedBy(index.row(), index.column());
    case kSearchRole: {
        QString all;
        for (int column = 0; column < kColumns; ++column)
            all += cell(index.row(), column) + QLatin1Char(' ');
        const EntryWords& words = m_entries[static_cast<std::size_t>(index.row())].figures.words;
        all += QString::fromStdString(words.player) + QLatin1Char(' ') + QString::fromStdString(words.place);
        for (const std::string& tag : words.tags)
            all += QLatin1Char(' ') + QString::fromStdString(tag);
        return all;
    }
    default:
        return {};
    }
}

QVariant LogModel::sortedBy(int row, int column) const {
    const Entry& entry = m_entries[static_cast<std::size_t>(row)];
    const EntryFigures& figures = entry.figures;
    const auto figure = [](const auto& known) { return known ? known->value : -1.0; };
    switch (column) {
    case 0:
        return QVariant::fromValue<qlonglong>(entry.at);
    case 3:
        return figure(edgeOf(figures.batter));
    case 4:
        return figure(edgeOf(figures.snareSide));
    case 5:
        return figure(figures.batter.evenTo);
    case 6:
        return figure(figures.strainer);
    case 7:
        return figures.words.stars;
    default:
        return cell(row, column);
    }
}

QString LogModel::cell(int row, int column) const {
    const Entry& entry = m_entries[static_cast<std::size_t>(row)];
    const EntryFigures& figures = entry.figures;
    switch (column) {
    case 0:
        return QLocale().toString(QDateTime::fromSecsSinceEpoch(entry.at),
                                  QStringLiteral("d MMM yyyy  hh:mm"));
    case 1: {
        const auto drum = std::find_if(m_drums.begin(), m_drums.end(),
                                       [&](const DrumRow& one) { return one.drum.id == entry.drumId; });
        return QString::fromStdString(drum == m_drums.end() ? entry.drumId : drum->drum.name);
    }
    case 2:
        return cueName(entry.toneId, m_tones);
    case 3:
        return known(edgeOf(figures.batter), 1, tr(" Hz"));
    case 4:
        return known(edgeOf(figures.snareSide), 1, tr(" Hz"));
    case 5:
        return QStringLiteral("± ") + known(figures.batter.evenTo, 0, tr(" cents"));
    case 6:
        return figures.strainer ? turnsText(*figures.strainer) : QStringLiteral("–");
    case 7:
        return QString(figures.words.stars, QChar(0x2605));
    default:
        return QString::fromStdString(figures.words.note).simplified();
    }
}

} // namespace bombo
