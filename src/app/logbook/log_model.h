#pragma once
/// Entries of the logbook as rows; an entry is read when its row is first shown.
#include "core/record/entry_figures.h"
#include "store/records.h"

#include <QAbstractTableModel>

namespace bombo {

class LogModel : public QAbstractTableModel {
    Q_OBJECT
public:
    using QAbstractTableModel::QAbstractTableModel;
    static constexpr int kColumns = 8;

    void show(std::vector<LogEntry> entries, const std::vector<DrumRow>& drums,
              const std::vector<Tone>& tones);
    /// Null where there is no such row.
    const LogEntry* entry(int row) const;
    /// What its summary holds; empty throughout when it is damaged. @pre there is such a row
    const EntryFigures& figures(int row) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    QString cell(int row, int column) const;

    std::vector<LogEntry> m_entries;
    mutable std::vector<std::optional<EntryFigures>> m_figures; ///< as far as they were asked for
    std::vector<DrumRow> m_drums;
    std::vector<Tone> m_tones;
};

} // namespace bombo
