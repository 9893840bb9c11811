/// The logbook over time: figures of every entry at once, words afterwards, deleting and having back.
#include "core/record/entry_figures.h"
#include "core/record/json_values.h"
#include "store/demo.h"
#include "store/packed_figures.h"
#include "support/raw_sql.h"
#include "support/sessions.h"
#include "support/words_of.h"

#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace bombo {
namespace {

using testing::runSql;

class Biography : public ::testing::Test {
protected:
    QString path() const { return m_folder.filePath(QStringLiteral("season.bombo")); }
    std::unique_ptr<Workbook> made() const {
        auto book = Workbook::create(path()).value();
        EXPECT_TRUE(book->addTone(testing::chase()));
        EXPECT_TRUE(book->addDrum({testing::plover(), 8, "chase"}));
        return book;
    }
    static QString summary() { return QString::fromStdString(setupSummary(testing::fullSession()).dump()); }
    static LogEntry entryAt(const char* when) {
        return {0, QString::fromLatin1(when), "plover", "chase", summary(), false};
    }

private:
    QTemporaryDir m_folder;
};

TEST_F(Biography, FiguresComeBackAsTheSummarySaysThem) {
    auto book = made();
    ASSERT_TRUE(book->addLogEntry(entryAt("2026-10-02T18:00:00+00:00")));
    ASSERT_TRUE(book->addLogEntry(entryAt("2026-10-01T18:00:00+00:00")));
    const auto entries = book->entries({});
    ASSERT_TRUE(entries);
    ASSERT_EQ(entries->size(), 2U);
    EXPECT_LT((*entries)[0].at, (*entries)[1].at); // in order of time
    EXPECT_EQ((*entries)[0].figures, *entryFiguresFrom(summary().toStdString()));
    EXPECT_EQ((*entries)[0].figures.batter.left->rods.size(), 8U);
    EXPECT_TRUE(book->entries("wren")->empty());
    // The copy is lost, or of another version, or nonsense: the summary still says it.
    for (const char* harm :
         {"DELETE FROM entry_lines", "UPDATE entry_lines SET figures = x'0102'",
          "UPDATE entry_lines SET figures = zeroblob(400)", "UPDATE entry_lines SET figures = 'text'"}) {
        runSql(path(), QLatin1String(harm));
        EXPECT_EQ(book->entries({})->at(1).figures, *entryFiguresFrom(summary().toStdString())) << harm;
        // And is there again.
        EXPECT_GT(runSql(path(), QStringLiteral("SELECT MIN(LENGTH(figures)) FROM entry_lines")).toInt(),
                  300);
    }
    // A file that cannot be written is read all the same.
    runSql(path(), QStringLiteral("DELETE FROM entry_lines"));
    book.reset();
    QFile::setPermissions(path(), QFileDevice::ReadOwner);
    EXPECT_EQ(Workbook::open(path()).value()->entries({})->size(), 2U);
}

TEST_F(Biography, AHostileCopyIsNotTrusted) {
    const EntryFigures good = *entryFiguresFrom(summary().toStdString());
    EXPECT_EQ(*unpackedFigures(packedFigures(good)), good);
    EntryFigures bad = good;
    bad.batter.left->edge = Hertz{std::nan("")};
    EXPECT_FALSE(unpackedFigures(packedFigures(bad)));
    bad = good;
    bad.batter.left->rods.resize(40);
    EXPECT_FALSE(unpackedFigures(packedFigures(bad)));
    bad = good;
    bad.words.stars = 900;
    EXPECT_FALSE(unpackedFigures(packedFigures(bad)));
    bad = good;
    bad.words.hours = 900.0;
    EXPECT_FALSE(unpackedFigures(packedFigures(bad)));
    const QByteArray bytes = packedFigures(good);
    for (int length = 0; length < bytes.size(); ++length)
        EXPECT_FALSE(unpackedFigures(bytes.left(length))) << length;
}

TEST_F(Biography, WordsAreChangedAfterwardsAndTheFiguresStay) {
    auto book = made();
    const qint64 id = *book->addLogEntry(entryAt("2026-10-02T18:00:00+00:00"));
    const EntryWords said{"liked by the trumpet", "stand-in", "town hall", {"loud", "good"}, 4, true, 1.5};
    ASSERT_TRUE(book->keepWords(id, testing::wordsOf(*book, id), said));
    book.reset();
    book = Workbook::open(path()).value();
    Entry entry = book->entries({})->at(0);
    EXPECT_EQ(entry.figures.words, said);
    EXPECT_EQ(entry.figures.batter, entryFiguresFrom(summary().toStdString())->batter);
    runSql(path(), QStringLiteral("DELETE FROM entry_lines"));
    EXPECT_EQ(book->entries({})->at(0).figures.words, said);
    const auto none = book->keepWords(id + 7, {}, said);
    ASSERT_FALSE(none);
    EXPECT_NE(problemText(none.fault()).indexOf(QStringLiteral("no entry")), -1);
}

TEST_F(Biography, DeletedIsGoneFromEveryListAndCanBeHadBack) {
    auto book = made();
    const qint64 first = *book->addLogEntry(entryAt("2026-10-01T18:00:00+00:00"));
    const qint64 second = *book->addLogEntry(entryAt("2026-10-02T18:00:00+00:00"));
    ASSERT_TRUE(book->deleteEntries({first, second}, true));
    EXPECT_TRUE(book->entries({})->empty());
    EXPECT_TRUE(book->logEntries({})->empty());
    EXPECT_TRUE(book->logEntries("plover")->empty());
    ASSERT_TRUE(book->deleteEntries({second}, false));
    book.reset();
    book = Workbook::open(path()).value();
    ASSERT_EQ(book->entries({})->size(), 1U);
    EXPECT_EQ(book->entries({})->at(0).id, second);
}

TEST_F(Biography, TheDemosSeasonIsLongAndRich) {
    const auto book = createDemoWorkbook(path()).value();
    const auto entries = book->entries({});
    ASSERT_TRUE(entries);
    EXPECT_GE(entries->size(), 40U);
    std::set<std::string> players, places;
    std::set<std::pair<std::string, std::int64_t>> heads;
    double coldest = 99.0, slackest = 0.0;
    int found = 0, notes = 0;
    for (const Entry& entry : *entries) {
        const EntryFigures& figures = entry.figures;
        players.insert(figures.words.player);
        places.insert(figures.words.place);
        heads.insert({entry.drumId + " batter", figures.batter.fittedAt});
        heads.insert({entry.drumId + " snare side", figures.snareSide.fittedAt});
        coldest = std::min(coldest, figures.weather.temperature->value);
        slackest = std::max(slackest, figures.wiresSlack->value);
        found += figures.batter.found ? 1 : 0;
        notes += figures.words.note.empty() ? 0 : 1;
        EXPECT_EQ(figures.batter.left->rods.size(), entry.drumId == "plover" ? 8U
                                                    : entry.drumId == "wren" ? 6U
                                                                             : 10U);
        EXPECT_LE(figures.batter.fittedAt, entry.at);
        EXPECT_NE(figures.words.note.find("%1"), 0U);
    }
    EXPECT_GE(players.size(), 2U);
    EXPECT_GE(places.size(), 3U);
    EXPECT_GE(heads.size(), 6U + 2U); // two heads were changed
    EXPECT_LT(coldest, 12.0);         // a cold spell
    EXPECT_GE(slackest, 0.75);        // a set that stretched
    EXPECT_GT(found, 25);
    EXPECT_GT(notes, 25);
}

} // namespace
} // namespace bombo
