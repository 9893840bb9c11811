#include "app/theme/plain_words.h"

#include <QAbstractItemView>
#include <QCoreApplication>
#include <QHelpEvent>
#include <QLabel>
#include <QToolTip>

namespace bombo {
namespace {

/// What stands under the pointer: of a table the cell's, of all else the widget's.
QString tipAt(const QWidget& widget, const QPoint& place) {
    if (const auto* table = qobject_cast<const QAbstractItemView*>(widget.parentWidget());
        table != nullptr && table->viewport() == &widget)
        if (const QModelIndex cell = table->indexAt(place); cell.isValid())
            return cell.data(Qt::ToolTipRole).toString();
    return widget.toolTip();
}

} // namespace

bool PlainWords::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::Polish) {
        if (auto* label = qobject_cast<QLabel*>(watched);
            label != nullptr && label->textFormat() == Qt::AutoText)
            label->setTextFormat(Qt::PlainText);
    }
    if (event->type() == QEvent::ToolTip && watched->isWidgetType()) {
        auto* widget = static_cast<QWidget*>(watched);
        const auto* help = static_cast<QHelpEvent*>(event);
        if (const QString tip = tipAt(*widget, help->pos()); Qt::mightBeRichText(tip)) {
            QToolTip::showText(help->globalPos(), tip.toHtmlEscaped(), widget);
            return true;
        }
    }
    return QObject::eventFilter(watched, event);
}

void showWordsPlainly(QCoreApplication& application) {
    if (application.findChild<PlainWords*>() == nullptr)
        application.installEventFilter(new PlainWords(&application));
}

} // namespace bombo
