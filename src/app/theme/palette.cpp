#include "app/theme/palette.h"

#include "app/theme/scale.h"
#include "app/theme/scaled_lengths.h"

#include <QApplication>
#include <QFile>
#include <QFontDatabase>
#include <QRegularExpression>
#include <QStyleFactory>
#include <QWidget>
#include <cmath>

namespace bombo {
namespace {

const Palette* g_current = nullptr; // set once a theme is applied; main thread only

double luminance(const QColor& colour) {
    auto linear = [](double c) { return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4); };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) +
           0.0722 * linear(colour.blueF());
}

bool loadTypeface() {
    for (const char* cut : {"Regular", "SemiBold", "Bold"})
        QFontDatabase::addApplicationFont(QStringLiteral(":/fonts/Inter-%1.otf").arg(QLatin1String(cut)));
    return true;
}

bool systemIsDark() {
    static const bool dark = QPalette().color(QPalette::Window).lightness() < 128;
    return dark;
}

QPalette widgetPalette(const Palette& p) {
    QPalette w;
    w.setColor(QPalette::Window, p.paper);
    w.setColor(QPalette::WindowText, p.ink);
    w.setColor(QPalette::Base, p.card);
    w.setColor(QPalette::AlternateBase, p.paper);
    w.setColor(QPalette::Text, p.ink);
    w.setColor(QPalette::Button, p.card);
    w.setColor(QPalette::ButtonText, p.ink);
    w.setColor(QPalette::ToolTipBase, p.card);
    w.setColor(QPalette::ToolTipText, p.ink);
    w.setColor(QPalette::PlaceholderText, p.quiet);
    w.setColor(QPalette::Highlight, p.accent);
    w.setColor(QPalette::HighlightedText, p.onAccent);
    w.setColor(QPalette::Link, p.batter);
    for (const QPalette::ColorRole role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText})
        w.setColor(QPalette::Disabled, role, p.quiet);
    return w;
}

/// Every length of a style sheet at the scale in force.
QString atScale(const QString& sheet) {
    static const QRegularExpression length(QStringLiteral("(\\d+)px"));
    QString out;
    qsizetype end = 0;
    for (auto each = length.globalMatch(sheet); each.hasNext();) {
        const QRegularExpressionMatch match = each.next();
        out += sheet.mid(end, match.capturedStart() - end);
        out += QStringLiteral("%1px").arg(scaled(match.captured(1).toInt()));
        end = match.capturedEnd();
    }
    return out + sheet.mid(end);
}

QString styleSheet(const Palette& p) {
    QFile file(QStringLiteral(":/theme/style.qss"));
    if (!file.open(QIODevice::ReadOnly))
        return {};
    QString sheet = QString::fromUtf8(file.readAll());
    const std::pair<const char*, QColor> names[]{{"@paper", p.paper},
                                                 {"@rail", p.rail},
                                                 {"@card", p.card},
                                                 {"@ink", p.ink},
                                                 {"@quiet", p.quiet},
                                                 {"@line", p.line},
                                                 {"@accentSoft", p.accentSoft},
                                                 {"@onAccent", p.onAccent},
                                                 {"@accent", p.accent},
                                                 {"@batter", p.batter},
                                                 {"@snareSide", p.snareSide},
                                                 {"@band", p.band}};
    for (const auto& [name, colour] : names)
        sheet.replace(QLatin1String(name), colour.name());
    return atScale(sheet);
}

void showType(QApplication& application) {
    application.setFont(typeface(scaled(15)));
    application.setStyleSheet(styleSheet(*g_current));
}

} // namespace

const Palette& dayPalette() {
    static const Palette p{QColor(0xf4efe3), QColor(0xe7dfcd), QColor(0xfcf9f2), QColor(0x20282b),
                           QColor(0x625c52), QColor(0xcdc4b0), QColor(0xab4d15), QColor(0xf0d9c6),
                           QColor(0xffffff), QColor(0x1b5a5d), QColor(0x6a3564), QColor(0xd9e3dc)};
    return p;
}

const Palette& nightPalette() {
    static const Palette p{QColor(0x1a1e20), QColor(0x121516), QColor(0x22272a), QColor(0xede7db),
                           QColor(0xaaa396), QColor(0x42494c), QColor(0xf0975a), QColor(0x4a3424),
                           QColor(0x1a1411), QColor(0x7cc4c0), QColor(0xd3a3ce), QColor(0x2c3b3a)};
    return p;
}

PrintedInk::PrintedInk() : m_before(g_current) {
    g_current = &dayPalette();
}
PrintedInk::~PrintedInk() {
    g_current = m_before;
}

const Palette& ink() {
    return g_current != nullptr ? *g_current : dayPalette();
}

double contrast(const QColor& a, const QColor& b) {
    const double la = luminance(a);
    const double lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

QFont typeface(int pixels, QFont::Weight weight) {
    static const bool loaded = loadTypeface();
    Q_UNUSED(loaded)
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(pixels);
    font.setWeight(weight);
    return font;
}

void applyTheme(QApplication& application, ThemeChoice choice) {
    const bool night = choice == ThemeChoice::Night || (choice == ThemeChoice::System && systemIsDark());
    g_current = night ? &nightPalette() : &dayPalette();
    if (application.findChild<LengthKeeper*>() == nullptr)
        application.installEventFilter(new LengthKeeper(&application));
    application.setStyle(new ScaledStyle(QStringLiteral("Fusion")));
    application.setPalette(widgetPalette(*g_current));
    showType(application);
}

void setScale(QApplication& application, double scale) {
    if (scale == bombo::scale())
        return;
    rememberScale(scale);
    if (g_current == nullptr)
        return;
    showType(application);
    for (QWidget* widget : QApplication::allWidgets()) {
        if (widget->window()->testAttribute(Qt::WA_WState_Polished))
            fitLengths(*widget);
        widget->updateGeometry();
        widget->update();
    }
}

} // namespace bombo
