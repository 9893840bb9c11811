#include "app/reminder/desktop_notice.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QStringList>
#include <QVariantMap>

namespace bombo {

void notifyDesktop(const QString& title, const QString& text) {
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.isConnected())
        return;
    QDBusMessage call = QDBusMessage::createMethodCall(
        QStringLiteral("org.freedesktop.Notifications"), QStringLiteral("/org/freedesktop/Notifications"),
        QStringLiteral("org.freedesktop.Notifications"), QStringLiteral("Notify"));
    // Its text may be read as a page: marks in a drum's name are none.
    call << QStringLiteral("Bombo") << 0U << QStringLiteral("bombo") << title << text.toHtmlEscaped()
         << QStringList() << QVariantMap() << -1;
    bus.send(call); // no answer is waited for
}

} // namespace bombo
