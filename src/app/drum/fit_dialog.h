#pragma once
/// Which head or set of wires is put on, and when.
#include "core/drum/catalogue.h"

#include <QComboBox>
#include <QDateEdit>
#include <QDialog>
#include <optional>

namespace bombo {

class FitDialog : public QDialog {
    Q_OBJECT
public:
    /// @param side of a head; none: wires
    FitDialog(const Drum& drum, std::optional<HeadSide> side, QWidget* parent = nullptr);
    /// @pre a head is chosen
    HeadSpec head() const;
    WireSet wires() const;
    std::int64_t at() const; ///< seconds since 1970

private:
    Catalogue m_catalogue;
    QComboBox* m_kind;
    QDateEdit* m_day;
};

} // namespace bombo
