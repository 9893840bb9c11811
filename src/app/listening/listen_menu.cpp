#include "app/listening/listen_menu.h"
#include "audio/microphone.h"
#include "audio/player.h"

#include "app/card/card_dialog.h"
#include "app/listening/clock_dialog.h"
#include "app/listening/microphone_dialog.h"

#include <QActionGroup>
#include <QMenu>

namespace bombo {
namespace {

struct ListenMenuText {
    Q_DECLARE_TR_FUNCTIONS(ListenMenu)
};

/// The outputs there are now, and none.
void fillCues(QMenu& menu, SessionController& controller) {
    menu.clear();
    auto* group = new QActionGroup(&menu);
    auto add = [&](const QString& name, const QByteArray& id) {
        QAction* action =
            menu.addAction(name, &menu, [&controller, id] { controller.settings().setCueOutput(id); });
        action->setCheckable(true);
        action->setChecked(controller.settings().cueOutput() == id);
        group->addAction(action);
    };
    add(ListenMenuText::tr("Off"), {});
    for (const Player::Output& output : Player::outputs())
        add(output.name, output.id);
    menu.addSeparator();
    menu.addAction(ListenMenuText::tr("Take headphones: the microphone must not hear them"))
        ->setEnabled(false);
}

/// Where the practice drum stands and what hears it there.
void fillRoom(QMenu& menu, SessionController& controller) {
    auto* group = new QActionGroup(&menu);
    const PracticeRoom now = controller.settings().practiceRoom();
    const std::pair<QString, RoomKind> rooms[]{{ListenMenuText::tr("&Dry: no room at all"), RoomKind::Dry},
                                               {ListenMenuText::tr("&Bedroom"), RoomKind::Bedroom},
                                               {ListenMenuText::tr("&Rehearsal room"), RoomKind::Rehearsal},
                                               {ListenMenuText::tr("&Hall"), RoomKind::Hall}};
    const auto change = [&controller](auto set) {
        PracticeRoom room = controller.settings().practiceRoom();
        set(room);
        controller.settings().setPracticeRoom(room);
    };
    for (const auto& [name, kind] : rooms) {
        QAction* action = menu.addAction(
            name, &menu, [change, kind = kind] { change([kind](PracticeRoom& room) { room.kind = kind; }); });
        action->setCheckable(true);
        action->setChecked(now.kind == kind);
        group->addAction(action);
    }
    menu.addSeparator();
    QAction* far =
        menu.addAction(ListenMenuText::tr("Microphone an arm's &length away"), &menu, [change](bool on) {
            change([on](PracticeRoom& room) { room.distance = on ? RoomDistance::Far : RoomDistance::Near; });
        });
    far->setCheckable(true);
    far->setChecked(now.distance == RoomDistance::Far);
    menu.addSeparator();
    auto* microphones = new QActionGroup(&menu);
    const std::pair<QString, MicrophoneKind> kinds[]{
        {ListenMenuText::tr("A &good microphone"), MicrophoneKind::Good},
        {ListenMenuText::tr("Built into a laptop: it &shuts when it grows quiet"), MicrophoneKind::BuiltIn},
        {ListenMenuText::tr("A headset whose gain &follows the sound"), MicrophoneKind::FollowsGain}};
    for (const auto& [name, kind] : kinds) {
        QAction* action = menu.addAction(name, &menu, [change, kind = kind] {
            change([kind](PracticeRoom& room) { room.microphone = kind; });
        });
        action->setCheckable(true);
        action->setChecked(now.microphone == kind);
        microphones->addAction(action);
    }
}

void fillPractice(QMenu& menu, SessionController& controller) {
    fillRoom(*menu.addMenu(ListenMenuText::tr("&Room")), controller);
    QAction* audible =
        menu.addAction(ListenMenuText::tr("&Hear the practice drum"), &menu,
                       [&controller](bool on) { controller.settings().setPracticeAudible(on); });
    audible->setCheckable(true);
    audible->setChecked(controller.settings().practiceAudible());
    QAction* hum = menu.addAction(ListenMenuText::tr("Mains h&um in the room"), &menu,
                                  [&controller](bool on) { controller.settings().setPracticeHum(on); });
    hum->setCheckable(true);
    hum->setChecked(controller.settings().practiceHum());
    menu.addSeparator();
    auto* hands = new QActionGroup(&menu);
    const std::pair<QString, double> choices[]{
        {ListenMenuText::tr("&Steady hands"), 0.0},
        {ListenMenuText::tr("U&sual hands"), 1.0},
        {ListenMenuText::tr("Hu&rried hands: one tap in eight goes wrong"), 3.0}};
    for (const auto& [name, sloppiness] : choices) {
        QAction* action = menu.addAction(name, &menu, [&controller, sloppiness = sloppiness] {
            controller.settings().setPracticeSloppiness(sloppiness);
        });
        action->setCheckable(true);
        action->setChecked(controller.settings().practiceSloppiness() == sloppiness);
        hands->addAction(action);
    }
}

} // namespace

void showPitchCard(SessionController& controller, QWidget* window) {
    if (!controller.hasSession())
        return;
    CardDialog dialog(controller, window);
    dialog.exec();
}

void fillListenMenu(QMenu& menu, SessionController& controller, QWidget* window) {
    menu.addAction(ListenMenuText::tr("&Pitch card…"), QKeySequence(Qt::CTRL | Qt::Key_P), window,
                   [&controller, window] { showPitchCard(controller, window); });
    menu.addAction(ListenMenuText::tr("Is it &hearing me? Check the microphone…"), window,
                   [&controller, window] {
                       MicrophoneDialog dialog(controller, window);
                       dialog.exec();
                   });
    menu.addAction(ListenMenuText::tr("Calibrate the sound card's &clock…"), window, [&controller, window] {
        ClockDialog dialog(controller, window);
        dialog.exec();
    });
    menu.addSeparator();
    QMenu* cues = menu.addMenu(ListenMenuText::tr("&Confirmation sounds"));
    QObject::connect(cues, &QMenu::aboutToShow, cues, [cues, &controller] { fillCues(*cues, controller); });
    fillPractice(*menu.addMenu(ListenMenuText::tr("P&ractice drum")), controller);
}

} // namespace bombo
