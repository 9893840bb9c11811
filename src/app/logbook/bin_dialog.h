#pragma once
/// Deleted entries of the logbook: to restore them, or to remove them for good.
#include "app/session/session_controller.h"

#include <QDialog>
#include <QListWidget>
#include <QPushButton>

namespace bombo {

class BinDialog : public QDialog {
    Q_OBJECT
public:
    explicit BinDialog(SessionController& controller, QWidget* parent = nullptr);

private:
    void fill();
    std::vector<qint64> selected() const;

    SessionController& m_controller;
    QListWidget* m_list;
    QPushButton* m_restore;
    QPushButton* m_empty;
};

} // namespace bombo
