#pragma once
/// Pages in a window: each as large as the window, scrolled where the window is smaller than a page can be.
#include <QPointer>
#include <QScrollArea>
#include <QStackedWidget>

namespace bombo {

/// A stack that asks for the room of the page in front, not of the largest.
class PageStack : public QStackedWidget {
    Q_OBJECT
public:
    explicit PageStack(QWidget* parent = nullptr);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;
};

/// Its widget fills it down to the widget's least size, and is scrolled below that. Keys pass through:
/// page-down is a foot's key here.
class PageFrame : public QScrollArea {
    Q_OBJECT
public:
    explicit PageFrame(QWidget* page, QWidget* parent = nullptr);
    /// Whether all of the page is seen.
    bool fits() const;
    /// What is seen whatever is scrolled away, once the page is laid out: the button for the next step.
    void keepInSight(QWidget* widget);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    void fit();

    QPointer<QWidget> m_inSight;
};

} // namespace bombo
