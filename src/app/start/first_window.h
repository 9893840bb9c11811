#pragma once
/// A workbook that is open in a window already: a second start brings that window to the front.
#include <QLocalServer>
#include <QObject>
#include <memory>

namespace bombo {

class FirstWindow : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    ~FirstWindow() override;
    /// From now on answers for this workbook, unless another window does; empty: for none.
    void hold(const QString& workbook);
    /// @return whether a window has it open and answered that it comes to the front; one that hangs does not
    static bool askToRaise(const QString& workbook);

signals:
    void raiseAsked();

private:
    std::unique_ptr<QLocalServer> m_server;
};

} // namespace bombo
