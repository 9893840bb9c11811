#pragma once
/// Which head or set of wires is put on, and when.
#include "app/numbers/numbers.h"
#include "core/drum/catalogue.h"
#include "core/life/used_heads.h"
#include "store/records.h"

#include <QComboBox>
#include <QDateEdit>
#include <QDialog>
#include <optional>

namespace bombo {

class FitDialog : public QDialog {
    Q_OBJECT
public:
    /// @param side of a head; none: wires @param used heads that can be put on instead of a new one
    /// @param drums that they are or were on, to name them
    FitDialog(const Drum& drum, std::optional<HeadSide> side, std::vector<UsedHead> used = {},
              const std::vector<DrumRow>& drums = {}, QWidget* parent = nullptr);
    /// @pre a head is chosen
    HeadSpec head() const;
    WireSet wires() const;
    std::int64_t at() const;    ///< seconds since 1970
    double hoursBefore() const; ///< played on the head before

private:
    void addUsed(const std::vector<DrumRow>& drums);
    /// Null for a new one.
    const UsedHead* usedOne() const;

    Catalogue m_catalogue;
    std::vector<UsedHead> m_used;
    QComboBox* m_kind;
    QDateEdit* m_day;
    NumberBox* m_before = nullptr;
};

} // namespace bombo
