#pragma once
#include "app/session/session_controller.h"

#include <QFrame>
#include <QVBoxLayout>
#include <vector>

class QLabel;
class QTimer;

namespace bombo {

/// Lines above the page: what happened and what to do, the newest last. A problem stays until it is
/// dismissed; a note fades.
class NoticeBar : public QFrame {
    Q_OBJECT
public:
    explicit NoticeBar(QWidget* parent = nullptr);
    void show(const Notice& notice);
    /// All that is to be read now, a line each.
    QString text() const;
    /// The same, to be shown in another window.
    std::vector<Notice> notices() const;

private:
    struct Line {
        QWidget* row;
        QLabel* text;
        QTimer* fade; ///< runs for a note
        Notice::Kind kind;
    };
    void drop(QWidget* row);
    Line make();

    QVBoxLayout* m_rows;
    std::vector<Line> m_lines;
};

} // namespace bombo
