#include "app/theme/fitted_dialog.h"

#include <QDialog>
#include <QEvent>
#include <QLayout>
#include <QScreen>
#include <algorithm>

namespace bombo {
namespace {

class WordsWhole : public QObject {
public:
    explicit WordsWhole(QDialog* dialog) : QObject(dialog), m_dialog(dialog) {
        dialog->installEventFilter(this);
    }

protected:
    bool eventFilter(QObject* watched, QEvent* event) override {
        if (watched == m_dialog && m_dialog->isVisible() &&
            (event->type() == QEvent::Show || event->type() == QEvent::LayoutRequest ||
             event->type() == QEvent::Resize))
            grow();
        return QObject::eventFilter(watched, event);
    }

private:
    void grow() {
        const QLayout* layout = m_dialog->layout();
        if (layout == nullptr || !layout->hasHeightForWidth())
            return;
        const int most = m_dialog->screen()->availableGeometry().height();
        const int needs = std::min(most, layout->totalHeightForWidth(m_dialog->width()));
        if (m_dialog->height() < needs)
            m_dialog->resize(m_dialog->width(), needs);
    }

    QDialog* m_dialog;
};

} // namespace

void keepWordsWhole(QDialog* dialog) {
    new WordsWhole(dialog); // goes with it
}

} // namespace bombo
