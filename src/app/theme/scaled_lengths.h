#pragma once
/// The lengths that pages fix in their constructors (margins, spacings, fixed sizes), kept at the scale in
/// force. Each is read once, at scale 1, and multiplied from then on.
#include <QObject>
#include <QProxyStyle>

class QWidget;

namespace bombo {

void rememberScale(double scale); // by setScale alone

/// Multiplies what the widget and its layouts fix.
void fitLengths(QWidget& widget);

/// Fits each widget when it is first shown.
class LengthKeeper : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
};

/// The style's own lengths (boxes to tick, arrows, icons) at the scale in force.
class ScaledStyle : public QProxyStyle {
public:
    using QProxyStyle::QProxyStyle;
    int pixelMetric(PixelMetric metric, const QStyleOption* option = nullptr,
                    const QWidget* widget = nullptr) const override;
    QSize sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& contents,
                           const QWidget* widget) const override;
};

} // namespace bombo
