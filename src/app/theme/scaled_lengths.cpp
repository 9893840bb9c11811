#include "app/theme/scaled_lengths.h"

#include "app/theme/scale.h"

#include <QAbstractButton>
#include <QDialog>
#include <QEvent>
#include <QGridLayout>
#include <QHeaderView>
#include <QMainWindow>
#include <QScreen>
#include <QVariant>
#include <QWidget>

namespace bombo {
namespace {

constexpr const char* kAtScaleOne = "lengthsAtScaleOne";

/// @return the lengths as the object was made, read at the first call
QVariantList lengthsOf(QObject& object, const QVariantList& now) {
    const QVariant kept = object.property(kAtScaleOne);
    if (kept.isValid())
        return kept.toList();
    object.setProperty(kAtScaleOne, now);
    return now;
}

bool isUntouched(const QObject& object) {
    return scale() == 1.0 && !object.property(kAtScaleOne).isValid();
}

int longer(const QVariant& length) {
    const int pixels = length.toInt();
    return pixels < 0 || pixels >= QWIDGETSIZE_MAX ? pixels : scaled(pixels);
}

void fitLayout(QLayout& layout) {
    // The inner ones first: one without a spacing of its own has that of the outer one.
    for (int i = 0; i < layout.count(); ++i)
        if (QLayout* inner = layout.itemAt(i)->layout())
            fitLayout(*inner);
    if (isUntouched(layout))
        return;
    const QMargins margins = layout.contentsMargins();
    auto* grid = qobject_cast<QGridLayout*>(&layout);
    const QVariantList was =
        lengthsOf(layout, {margins.left(), margins.top(), margins.right(), margins.bottom(),
                           grid != nullptr ? grid->horizontalSpacing() : layout.spacing(),
                           grid != nullptr ? grid->verticalSpacing() : layout.spacing()});
    layout.setContentsMargins(longer(was[0]), longer(was[1]), longer(was[2]), longer(was[3]));
    if (grid != nullptr) {
        grid->setHorizontalSpacing(longer(was[4]));
        grid->setVerticalSpacing(longer(was[5]));
    } else {
        layout.setSpacing(longer(was[4]));
    }
}

void fitHeader(QHeaderView& header) {
    if (header.orientation() != Qt::Vertical || isUntouched(header))
        return;
    const QVariantList was = lengthsOf(header, {header.minimumSectionSize(), header.defaultSectionSize()});
    header.setMinimumSectionSize(longer(was[0]));
    header.setDefaultSectionSize(longer(was[1]));
}

void fitSizes(QWidget& widget) {
    if (isUntouched(widget))
        return;
    const QVariantList was = lengthsOf(widget, {widget.minimumWidth(), widget.minimumHeight(),
                                                widget.maximumWidth(), widget.maximumHeight()});
    // The height of a button is the style sheet's.
    const bool hasOwnHeight =
        qobject_cast<QAbstractButton*>(&widget) == nullptr || was[3].toInt() != QWIDGETSIZE_MAX;
    if (was[0].toInt() > 0 || was[2].toInt() < QWIDGETSIZE_MAX) {
        widget.setMaximumWidth(QWIDGETSIZE_MAX);
        widget.setMinimumWidth(longer(was[0]));
        widget.setMaximumWidth(longer(was[2]));
    }
    if (hasOwnHeight && (was[1].toInt() > 0 || was[3].toInt() < QWIDGETSIZE_MAX)) {
        widget.setMaximumHeight(QWIDGETSIZE_MAX);
        widget.setMinimumHeight(longer(was[1]));
        widget.setMaximumHeight(longer(was[3]));
    }
}

} // namespace

void fitLengths(QWidget& widget) {
    if (auto* header = qobject_cast<QHeaderView*>(&widget))
        fitHeader(*header);
    else if (qobject_cast<QMainWindow*>(&widget) == nullptr) // the user's
        fitSizes(widget);
    if (widget.layout() != nullptr && qobject_cast<QMainWindow*>(&widget) == nullptr)
        fitLayout(*widget.layout());
}

bool LengthKeeper::eventFilter(QObject* watched, QEvent* event) {
    if (!watched->isWidgetType())
        return false;
    auto& widget = static_cast<QWidget&>(*watched);
    auto* dialog = qobject_cast<QDialog*>(&widget);
    if (event->type() == QEvent::Polish && (dialog != nullptr || qobject_cast<QMainWindow*>(&widget))) {
        fitLengths(widget);
        for (QWidget* part : widget.findChildren<QWidget*>())
            fitLengths(*part);
        if (dialog != nullptr && dialog->testAttribute(Qt::WA_Resized) && scale() != 1.0)
            dialog->resize(scaled(dialog->size()).boundedTo(dialog->screen()->availableSize()));
    } else if (!widget.isWindow() && event->type() == QEvent::Show) { // what was made since
        fitLengths(widget);
    }
    return false;
}

QSize ScaledStyle::sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& contents,
                                    const QWidget* widget) const {
    QSize size = QProxyStyle::sizeFromContents(type, option, contents, widget);
    constexpr int frame = 6; // above and below the words, a constant of the style
    if (type == CT_ComboBox || type == CT_SpinBox || type == CT_LineEdit)
        size.rheight() += scaled(frame) - frame;
    return size;
}

int ScaledStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const {
    const int length = QProxyStyle::pixelMetric(metric, option, widget);
    switch (metric) {
    case PM_LayoutLeftMargin: // of layouts fitLengths takes care
    case PM_LayoutTopMargin:
    case PM_LayoutRightMargin:
    case PM_LayoutBottomMargin:
    case PM_LayoutHorizontalSpacing:
    case PM_LayoutVerticalSpacing:
        return length;
    default:
        return length > 0 ? scaled(length) : length;
    }
}

} // namespace bombo
