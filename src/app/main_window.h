#pragma once
/// Wires rail, pages and notices to the controller; holds no state of the work.
#include "app/head/stand_view.h"
#include "app/logbook/logbook_page.h"
#include "app/notice/notice_bar.h"
#include "app/route/route_rail.h"
#include "app/route/station_page.h"

#include <QMainWindow>
#include <QStackedWidget>
#include <QTimer>
#include <functional>
#include <map>

namespace bombo {

class PageFrame;
class StartPage;
class DrumMaker;
class PurposePage;
class FaultsPage;
class PracticePage;
class HelpWindow;
class GuideBar;
struct Drum;
enum class Describe;

class MainWindow : public QMainWindow {
    Q_OBJECT
public:
    explicit MainWindow(SessionController& controller, QWidget* parent = nullptr);
    /// Made when it is first asked for, as all pages are.
    StationPage* page(Station station);
    NoticeBar* noticeBar() { return m_notice; }
    bool isStandViewOpen() const { return m_stand->isVisible(); }

signals:
    /// The user wants another language: the window has to be made anew.
    void languageChosen(const QString& code);

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void closeEvent(QCloseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;

private:
    StationPage* madePage(Station station);
    StartPage* start();
    PurposePage* purpose();
    LogbookPage* logbook();
    void refresh();
    void goTo(Station station);
    void showLogbook(bool inFront);
    void showFaults(bool inFront);
    void showPractice();
    void showGuide();
    void setGuide(bool on);
    void beginLesson();
    void showHelp(const QString& page);
    /// The page of the manual about what is in front.
    QString helpPage() const;
    void describeDrum(Describe what);
    QStringList drumNames(const std::string& but) const;
    std::string freeName(const QString& name) const;
    bool addDrum(const Drum& drum);
    void takeDrum(const Drum& drum);
    void backToWork();
    PrimaryButton* primaryInFront();
    void toggleStand();
    void pressPrimary();
    void showTitle();
    void setUnits(const UnitsShown& units);
    void setTheme(ThemeChoice choice);
    void fitWords();
    void fillWordSizes(QMenu& menu);
    void fillMenus();
    void saveCopy();
    void askWhereToGoOn(const QString& path);
    void showPreferences();
    void setWords(int percent);
    QAction* followed(QMenu& menu, QAction* action, const std::function<bool()>& isOn);
    void fillLanguages(QMenu& menu);

    SessionController& m_controller;
    PageFrame* m_frame;
    RouteRail* m_rail;
    NoticeBar* m_notice;
    GuideBar* m_guide;
    QStackedWidget* m_stack;
    StartPage* m_start = nullptr; ///< until it is asked for; likewise below
    LogbookPage* m_logbook = nullptr;
    FaultsPage* m_faults = nullptr;
    PracticePage* m_practice = nullptr;
    HelpWindow* m_help = nullptr;
    std::map<Station, StationPage*> m_pages; ///< those that were asked for
    StandView* m_stand;
    DrumMaker* m_maker = nullptr; ///< until a drum is described
    PurposePage* m_purpose = nullptr;
    /// What stands in front beside the work at a station.
    enum class Beside { Nothing, Logbook, Faults, Practice, Maker, Purpose };
    Beside m_beside = Beside::Nothing;
    Describe m_describing{};     ///< while the maker is in front
    QTimer m_resized;            ///< runs out when the user has stopped pulling at the window
    bool m_wasMaximised = false; ///< before the stand view covered the screen
};

} // namespace bombo
