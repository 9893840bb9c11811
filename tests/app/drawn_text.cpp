#include "drawn_text.h"

#include <QAbstractButton>
#include <QAbstractItemView>
#include <QAbstractScrollArea>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QMenuBar>
#include <QPaintDevice>
#include <QPaintEngine>
#include <QWidget>

namespace bombo::testing {
namespace {

class TextEngine : public QPaintEngine {
public:
    TextEngine() : QPaintEngine(QPaintEngine::AllFeatures) {}
    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    void updateState(const QPaintEngineState& now) override {
        if (now.state() & QPaintEngine::DirtyTransform)
            m_transform = now.transform();
    }
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
    void drawPath(const QPainterPath&) override {}
    void drawPolygon(const QPointF*, int, PolygonDrawMode) override {}
    void drawTextItem(const QPointF& at, const QTextItem& item) override {
        const QRectF letters(at.x(), at.y() - item.ascent(), item.width(), item.ascent() + item.descent());
        if (!item.text().trimmed().isEmpty())
            found.push_back(
                {item.text(), m_transform.mapRect(letters),
                 painter()->hasClipping() ? m_transform.mapRect(painter()->clipBoundingRect()) : QRectF()});
    }
    Type type() const override { return QPaintEngine::User; }

    std::vector<DrawnText> found;

private:
    QTransform m_transform;
};

class TextDevice : public QPaintDevice {
public:
    explicit TextDevice(QSize size) : m_size(size) {}
    QPaintEngine* paintEngine() const override { return &engine; }
    mutable TextEngine engine;

protected:
    int metric(PaintDeviceMetric metric) const override {
        switch (metric) {
        case PdmWidth:
            return m_size.width();
        case PdmHeight:
            return m_size.height();
        case PdmDepth:
            return 32;
        case PdmNumColors:
            return 0;
        case PdmDpiX:
        case PdmDpiY:
        case PdmPhysicalDpiX:
        case PdmPhysicalDpiY:
            return 96;
        case PdmDevicePixelRatio:
            return 1;
        case PdmDevicePixelRatioScaled:
            return static_cast<int>(devicePixelRatioFScale());
        case PdmWidthMM:
            return m_size.width() * 254 / 960;
        case PdmHeightMM:
            return m_size.height() * 254 / 960;
        default:
            return QPaintDevice::metric(metric);
        }
    }

private:
    QSize m_size;
};

/// Texts that the program itself ends with three dots.
bool endsSo(const QWidget& widget, const QString& text) {
    if (const auto* button = qobject_cast<const QAbstractButton*>(&widget))
        return button->text().endsWith(text);
    if (const auto* label = qobject_cast<const QLabel*>(&widget))
        return label->text().endsWith(text);
    if (const auto* box = qobject_cast<const QComboBox*>(&widget))
        return box->currentText().endsWith(text);
    return false;
}

/// A cell of a table whose tool tip tells the whole.
bool isToldInFull(const QWidget& widget, const QString& text) {
    const auto* table = qobject_cast<const QAbstractItemView*>(widget.parentWidget());
    if (table == nullptr || table->viewport() != &widget)
        return false;
    const QAbstractItemModel& cells = *table->model();
    for (int row = 0; row < cells.rowCount(); ++row)
        for (int column = 0; column < cells.columnCount(); ++column)
            if (cells.index(row, column)
                    .data(Qt::ToolTipRole)
                    .toString()
                    .startsWith(text.chopped(1).trimmed()))
                return true;
    return false;
}

bool scrolls(const QWidget& widget) {
    if (qobject_cast<const QLineEdit*>(&widget) != nullptr ||
        qobject_cast<const QMenuBar*>(&widget) != nullptr)
        return true;
    const auto* area = qobject_cast<const QAbstractScrollArea*>(widget.parentWidget());
    return area != nullptr && area->viewport() == &widget;
}

/// Lower than its words are: a line of them is hidden, or their lower half.
bool isFlat(const QWidget& widget) {
    const auto* label = qobject_cast<const QLabel*>(&widget);
    if (label != nullptr && label->wordWrap())
        return !label->text().isEmpty() && label->height() + 1 < label->heightForWidth(label->width());
    const bool isOneLine = qobject_cast<const QAbstractButton*>(&widget) != nullptr ||
                           qobject_cast<const QLineEdit*>(&widget) != nullptr ||
                           qobject_cast<const QComboBox*>(&widget) != nullptr;
    const QWidget* around = widget.parentWidget();
    if (!isOneLine || around == nullptr || scrolls(*around))
        return false;
    return widget.geometry().bottom() > around->rect().bottom() + 1; // what it lies in is lower
}

void look(QWidget& widget, QStringList& cut) {
    if (!widget.isVisible())
        return;
    if (isFlat(widget))
        cut << QStringLiteral("%1 “%2” is %3 high, too low for its words")
                   .arg(QLatin1String(widget.metaObject()->className()), widget.objectName())
                   .arg(widget.height());
    const QRectF room = QRectF(widget.rect()).adjusted(-1.5, -1.5, 1.5, 1.5);
    for (const DrawnText& drawn : drawnText(widget)) {
        const bool clipped =
            !drawn.shown.isNull() && !drawn.shown.adjusted(-1.5, -1.5, 1.5, 1.5).contains(drawn.where);
        const bool over = !scrolls(widget) && (clipped || !room.contains(drawn.where));
        const bool dots = drawn.text.endsWith(QChar(0x2026)) && !endsSo(widget, drawn.text) &&
                          !isToldInFull(widget, drawn.text);
        if (over || dots)
            cut << QStringLiteral("%1 “%2”: “%3”%4")
                       .arg(QLatin1String(widget.metaObject()->className()), widget.objectName(), drawn.text,
                            over ? QStringLiteral(" at %1 to %2 of %3, %4 to %5 of %6")
                                       .arg(drawn.where.left())
                                       .arg(drawn.where.right())
                                       .arg(widget.width())
                                       .arg(drawn.where.top())
                                       .arg(drawn.where.bottom())
                                       .arg(widget.height())
                                 : QStringLiteral(" has lost its end"));
    }
    for (QObject* child : widget.children())
        if (auto* part = qobject_cast<QWidget*>(child); part != nullptr && !part->isWindow())
            look(*part, cut);
}

} // namespace

std::vector<DrawnText> drawnText(QWidget& widget) {
    TextDevice device(widget.size());
    widget.render(&device, {}, {}, QWidget::RenderFlags());
    return device.engine.found;
}

QStringList cutTexts(QWidget& window) {
    QStringList cut;
    look(window, cut);
    return cut;
}

} // namespace bombo::testing
