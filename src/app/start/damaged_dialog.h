#pragma once
/// A workbook is damaged: back to its newest whole copy, or on with what can be read, or neither.
#include "app/session/session_controller.h"
#include "store/way_back.h"

#include <QDialog>

namespace bombo {

class DamagedDialog : public QDialog {
    Q_OBJECT
public:
    DamagedDialog(SessionController& controller, const QString& path, QWidget* parent = nullptr);

private:
    SessionController& m_controller;
    QString m_path;
    std::optional<WayBack> m_way;
};

/// What going back would cost, in a sentence.
QString lossText(const WayBack& way);

} // namespace bombo
