#pragma once
/// Entries of the logbook as rows.
#include "core/log/entry.h"
#include "store/records.h"

#include <QAbstractTableModel>

namespace bombo {

class LogModel : public QAbstractTableModel {
    Q_OBJECT
public:
    using QAbstractTableModel::QAbstractTableModel;
    static constexpr int kColumns = 9;
    static constexpr int kSortRole = Qt::UserRole;       ///< of a cell, as a figure where it is one
    static constexpr int kSearchRole = Qt::UserRole + 1; ///< of a row: all that can be read in it

    void show(std::vector<Entry> entries, const std::vector<DrumRow>& drums, const std::vector<Tone>& tones);
    /// Null where there is no such row.
    const Entry* entry(int row) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    QString cell(int row, int column) const;
    QVariant sortedBy(int row, int column) const;

    std::vector<Entry> m_entries;
    std::vector<DrumRow> m_drums;
    std::vector<Tone> m_tones;
};

} // namespace bombo
