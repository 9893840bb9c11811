#include "app/start/first_window.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QLocalSocket>
#include <QStandardPaths>

namespace bombo {
namespace {

constexpr int kPatience = 500; // ms, for a window that is busy
constexpr int kAnswer = 3000;  // ms, for its answer

/// Of the user's own, by the file itself, however it is written.
QString socketOf(const QString& workbook) {
    const QString file = QFileInfo(workbook).canonicalFilePath();
    if (file.isEmpty())
        return {};
    const QByteArray hash =
        QCryptographicHash::hash(file.toUtf8(), QCryptographicHash::Sha1).toHex().left(16);
    return QDir(QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation))
        .filePath(QStringLiteral("bombo-") + QString::fromLatin1(hash));
}

} // namespace

FirstWindow::~FirstWindow() = default;

void FirstWindow::hold(const QString& workbook) {
    const QString name = workbook.isEmpty() ? QString() : socketOf(workbook);
    if (m_server && m_server->fullServerName() == name)
        return;
    m_server.reset();
    if (name.isEmpty())
        return;
    QLocalSocket other;
    other.connectToServer(name);
    if (other.waitForConnected(kPatience))
        return;
    QLocalServer::removeServer(name); // of a program that ended without tidying up
    m_server = std::make_unique<QLocalServer>();
    m_server->setSocketOptions(QLocalServer::UserAccessOption);
    if (!m_server->listen(name)) {
        m_server.reset(); // then a second start opens a window of its own
        return;
    }
    connect(m_server.get(), &QLocalServer::newConnection, this, [this] {
        while (QLocalSocket* socket = m_server->nextPendingConnection()) {
            connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
            connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
                if (!socket->readAll().contains('r'))
                    return;
                socket->write("y"); // it is awake: the other start may end
                socket->flush();
                emit raiseAsked();
            });
        }
    });
}

bool FirstWindow::askToRaise(const QString& workbook) {
    const QString name = socketOf(workbook);
    if (name.isEmpty())
        return false;
    QLocalSocket socket;
    socket.connectToServer(name);
    if (!socket.waitForConnected(kPatience))
        return false;
    socket.write("r");
    socket.waitForBytesWritten(kPatience);
    // A connection alone says nothing: the system keeps it for a window that hangs.
    const bool isAwake = socket.waitForReadyRead(kAnswer) && socket.readAll().contains('y');
    socket.disconnectFromServer();
    return isAwake;
}

} // namespace bombo
