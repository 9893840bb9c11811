#pragma once
#include "app/logbook/log_model.h"
#include "app/session/session_controller.h"
#include "app/theme/parts.h"

#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QTableView>

namespace bombo {

/// What was saved, newest first; bring one back.
class LogbookPage : public QWidget {
    Q_OBJECT
public:
    explicit LogbookPage(SessionController& controller, QWidget* parent = nullptr);
    void refresh();
    PrimaryButton* primary() { return m_open; }

signals:
    void setupOpened();

private:
    void fill();
    void showChosen();
    const LogEntry* chosen() const;

    SessionController& m_controller;
    LogModel* m_entries;
    QComboBox* m_drum;
    QTableView* m_table;
    QLabel* m_detail;
    PrimaryButton* m_open;
};

} // namespace bombo
