/// A workbook of many years: how long it takes to open it, its longest session and its logbook.
///   bombo-scale FILE        makes FILE unless it is there, then opens it, cold and warm
#include "app/logbook/logbook_page.h"
#include "app/main_window.h"
#include "app/numbers/numbers.h"

#include "core/life/life.h"
#include "core/log/compare.h"
#include "core/log/what_moved.h"
#include "core/record/json_values.h"
#include "store/demo.h"
#include "store/file_check.h"
#include "support/raw_sql.h"
#include "support/sessions.h"

#include <QApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <cstdio>
#include <fcntl.h>
#include <unistd.h>

namespace {

using namespace bombo;
using bombo::testing::runSql;

constexpr int kSessions = 2000;
constexpr int kSteps =
    184; ///< of a usual session; a multiple of eight, so that packed steps keep their bases
constexpr int kLongSession = 3000;
constexpr int kEntries = 5000;
constexpr int kReadings = 100000;

const QString kAt = QStringLiteral("2026-11-25T18:00:00+01:00");

/// A session whose steps differ as those of a job do.
void addSession(Workbook& book, int steps) {
    Session session = bombo::testing::fullSession();
    auto stored = book.startSession(session, session, kAt).value();
    for (int step = 1; step < steps; ++step) {
        session = bombo::testing::done(
            session, StrokeHeard{[&] {
                HeardStroke stroke;
                stroke.centre = Hertz{190.0 + step % 17};
                stroke.tone = Seconds{0.3 + 0.001 * (step % 31)};
                stroke.partials.push_back({1, 1, Hertz{300.0 + step % 13}, Seconds{0.3}, -3.0});
                return stroke;
            }()});
        if (session.strokes.size() > 40)
            session.strokes.erase(session.strokes.begin());
        if (!book.appendStep(stored, QStringLiteral("stroke_heard"), session, session, {}, kAt))
            std::abort();
    }
}

void make(const QString& path) {
    {
        auto book = createDemoWorkbook(path).value();
        (void)book->addTone(bombo::testing::chase());
        Drum drum = bombo::testing::plover();
        drum.id = "scale";
        (void)book->addDrum({drum, 8, "chase"});
        addSession(*book, kSteps);
    }
    const QString counting =
        QStringLiteral("WITH RECURSIVE many(n) AS (SELECT 1 UNION ALL SELECT n + 1 FROM many "
                       "WHERE n < %1) ");
    const QString usual =
        QStringLiteral("(SELECT MIN(session_id) FROM steps WHERE position = %1)").arg(kSteps - 1);
    runSql(path,
           QStringLiteral("INSERT INTO sessions(id, drum_id, started_at, position, context) ") +
               counting.arg(kSessions) +
               QStringLiteral("SELECT 1000 + n, 'scale', '%1', %2, '{}' FROM many").arg(kAt).arg(kSteps - 1));
    runSql(path, QStringLiteral("INSERT INTO steps ") + counting.arg(kSessions) +
                     QStringLiteral("SELECT 1000 + n, position, command, made_at, state FROM many, steps "
                                    "WHERE session_id = %1")
                         .arg(usual));
    runSql(path,
           QStringLiteral(
               "INSERT INTO readings(session_id, position, heard_at, head, rod, frequency_hz, t60_s) ") +
               counting.arg(kReadings) +
               QStringLiteral("SELECT 1001 + n %% %1, n %% 100, '%2', 'batter', n %% 8, 300 + n %% 7, 0.4 "
                              "FROM many")
                   .replace(QStringLiteral("%%"), QStringLiteral("%"))
                   .arg(kSessions)
                   .arg(kAt));
    runSql(
        path,
        QStringLiteral(
            "INSERT INTO log_entries(saved_at, saved_utc, drum_id, tone_id, summary, session_state) ") +
            counting.arg(kEntries) +
            QStringLiteral("SELECT saved_at, 1700000000 + 3600 * n, drum_id, tone_id, '%1', NULL FROM many, "
                           "(SELECT * FROM log_entries LIMIT 1)")
                .arg(QString::fromStdString(setupSummary(bombo::testing::fullSession()).dump())
                         .replace(QLatin1Char('\''), QStringLiteral("''"))));
    runSql(path, QStringLiteral("INSERT INTO recordings SELECT id, 'before', '%1', 48000, randomblob(160000) "
                                "FROM sessions")
                     .arg(kAt));
    const auto book = Workbook::open(path).value();
    addSession(*book, kLongSession);
}

/// Throws the file out of the system's memory, so that the disk has to give it again.
void forget(const QString& path) {
    const int file = ::open(path.toLocal8Bit().constData(), O_RDONLY);
    ::fsync(file);
    ::posix_fadvise(file, 0, 0, POSIX_FADV_DONTNEED);
    ::close(file);
}

double measured(const char* what, const std::function<void()>& work) {
    QElapsedTimer clock;
    clock.start();
    work();
    const double seconds = static_cast<double>(clock.nsecsElapsed()) * 1e-9;
    std::printf("%-58s %7.3f s\n", what, seconds);
    return seconds;
}

} // namespace

void askTheLogbook(const Workbook& book) {
    measured("every entry with its figures, first time", [&] { (void)book.entries(std::nullopt); });
    std::vector<Entry> entries;
    measured("every entry with its figures", [&] { entries = book.entries(std::nullopt).value(); });
    const std::int64_t now = entries.back().at;
    measured("what is due, three parts", [&] {
        const auto plays = playsOf(entries);
        for (const Part part : {Part::Batter, Part::SnareSide, Part::Wires})
            (void)lifeOf(bombo::testing::plover(), part, entries, plays, now);
    });
    measured("what stood between entries, and how film settles", [&] {
        (void)settlingOf(bombo::testing::plover(), HeadSide::Batter, staysOf(entries, HeadSide::Batter),
                         Tension{1500.0});
    });
    measured("which figure goes with the stars", [&] { (void)explainsStars(entries); });
}

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fprintf(stderr, "bombo-scale FILE: where the workbook may be made, some 650 MB\n");
        return 2;
    }
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QApplication application(argc, argv);
    const QString path = QString::fromLocal8Bit(argv[1]);
    if (!QFileInfo::exists(path))
        measured("making it", [&] { make(path); });
    std::printf("%.0f MB\n", static_cast<double>(QFileInfo(path).size()) / 1e6);
    const QTemporaryDir home;
    Settings settings(home.filePath(QStringLiteral("settings.ini")));
    const qint64 longest = runSql(path, QStringLiteral("SELECT MAX(id) FROM sessions")).toLongLong();
    forget(path);
    for (const char* state : {"cold", "warm"}) {
        std::printf("-- %s\n", state);
        std::unique_ptr<Workbook> book;
        measured("the file itself", [&] { book = Workbook::open(path).value(); });
        measured("a usual session", [&] { (void)book->loadSession(2500).value(); });
        measured("a session of 3,000 steps", [&] { (void)book->loadSession(longest).value(); });
        measured("5,000 entries of the logbook", [&] { (void)book->logEntries().value(); });
        const std::atomic<bool> stop = false;
        askTheLogbook(*book);
        measured("looked through from end to end", [&] { (void)checkThoroughly(path, stop); });
    }
    // The same in the window, the long session in front; before it the demo, whose pages are made first.
    runSql(path, QStringLiteral("DELETE FROM workbook WHERE key = 'current_drum'"));
    runSql(path, QStringLiteral("INSERT INTO workbook VALUES('current_drum', 'scale')"));
    const QString demo = home.filePath(QStringLiteral("demo.bombo"));
    (void)createDemoWorkbook(demo).value();
    useNumbersOf();
    SessionController controller(settings);
    MainWindow window(controller);
    window.show();
    for (const QString& file : {demo, path}) {
        std::printf("-- in the window, %s\n", file == demo ? "the demo" : "this one");
        measured("the workbook, its newest session in front", [&] {
            controller.openWorkbook(file);
            QApplication::processEvents();
        });
        measured("the logbook", [&] {
            window.findChild<QAbstractButton*>(QStringLiteral("logbook"))->click();
            QApplication::processEvents();
        });
    }
    return 0;
}
