#pragma once
#include "app/session/session_controller.h"

#include <QFrame>
#include <QLabel>
#include <QTimer>

namespace bombo {

/// One line above the page: what happened and what to do. A problem stays until it is dismissed; a note
/// fades.
class NoticeBar : public QFrame {
    Q_OBJECT
public:
    explicit NoticeBar(QWidget* parent = nullptr);
    void show(const Notice& notice);
    QString text() const { return m_text->text(); }

private:
    QLabel* m_text;
    QTimer m_fade;
};

} // namespace bombo
