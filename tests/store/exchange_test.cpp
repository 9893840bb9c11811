/// Logbooks that go out of one workbook and into another.
#include "core/record/entry_figures.h"
#include "store/demo.h"
#include "store/exchange/entries_csv.h"
#include "store/exchange/exchange.h"
#include "store/exchange/parcel_json.h"
#include "support/sessions.h"
#include "support/words_of.h"

#include <QFile>
#include <QTemporaryDir>
#include <gtest/gtest.h>

namespace bombo {
namespace {

class Exchange : public ::testing::Test {
protected:
    QString path(const char* name) const { return m_folder.filePath(QString::fromLatin1(name)); }
    /// The demo, and one entry that can be brought back, with words of later.
    std::unique_ptr<Workbook> full() const {
        auto book = createDemoWorkbook(path("full.bombo")).value();
        auto stored = book->startSession(testing::fresh(), {}, QStringLiteral("2026-11-20T18:00:00+01:00"));
        const Session done = testing::fullSession();
        const auto id = book->saveSetup(*stored, QStringLiteral("mark_saved"), done,
                                        {0, QStringLiteral("2026-11-20T19:00:00+01:00"), "plover", "chase",
                                         QString::fromStdString(setupSummary(done).dump()), true});
        EXPECT_TRUE(id);
        EXPECT_TRUE(book->keepWords(
            *id, testing::wordsOf(*book, *id),
            {"said later, \"quoted\"; ü", "stand-in", "hall", {"dry", "loud"}, 5, true, 3.25}));
        return book;
    }
    std::unique_ptr<Workbook> empty(const char* name = "empty.bombo") const {
        return Workbook::create(path(name)).value();
    }
    QString written(const char* name, const QByteArray& bytes) const {
        QFile file(path(name));
        EXPECT_TRUE(file.open(QIODevice::WriteOnly));
        file.write(bytes);
        return path(name);
    }
    static QByteArray read(const QString& file) {
        QFile in(file);
        EXPECT_TRUE(in.open(QIODevice::ReadOnly));
        return in.readAll();
    }
    /// Taken in; what the plan said of it.
    static ImportPlan takeIn(const QString& file, Workbook& book) {
        const auto plan = importPlanOf(file, book);
        if (!plan)
            throw std::runtime_error(plan.fault().text.toStdString());
        EXPECT_TRUE(book.takeIn(plan->adds));
        return *plan;
    }

private:
    QTemporaryDir m_folder;
};

TEST_F(Exchange, OutAndInIsEqualToTheLetter) {
    const auto book = full();
    ASSERT_TRUE(exportTo(path("one.json"), *book, std::nullopt));
    auto other = empty();
    const ImportPlan plan = takeIn(path("one.json"), *other);
    EXPECT_EQ(plan.adds.entries.size(), book->entries({})->size());
    EXPECT_EQ(plan.same, 0);
    ASSERT_TRUE(exportTo(path("two.json"), *other, std::nullopt));
    EXPECT_EQ(read(path("one.json")), read(path("two.json")));
    // Figures, words, and what can be brought back.
    const auto was = *book->entries({});
    const auto is = *other->entries({});
    ASSERT_EQ(was.size(), is.size());
    int restorable = 0;
    for (std::size_t i = 0; i < was.size(); ++i) {
        EXPECT_EQ(was[i].figures, is[i].figures);
        EXPECT_EQ(was[i].at, is[i].at);
        if (is[i].isRestorable) {
            ++restorable;
            EXPECT_EQ(other->logSetup(is[i].id)->work, book->logSetup(was[i].id)->work);
        }
    }
    EXPECT_EQ(restorable, 1);
}

TEST_F(Exchange, TheSameFileAHundredTimesAddsNothing) {
    const auto book = full();
    ASSERT_TRUE(exportTo(path("one.json"), *book, std::nullopt));
    ASSERT_TRUE(exportTo(path("one.csv"), *book, std::nullopt));
    const std::size_t before = book->entries({})->size();
    for (int i = 0; i < 100; ++i) {
        const auto plan = importPlanOf(path("one.json"), *book);
        ASSERT_TRUE(plan);
        EXPECT_TRUE(plan->addsNothing());
        if (i == 0) {
            EXPECT_EQ(plan->same, static_cast<int>(before + book->drums()->size() + book->tones()->size()));
        }
        ASSERT_TRUE(book->takeIn(plan->adds));
    }
    EXPECT_TRUE(takeIn(path("one.csv"), *book).addsNothing()); // a table says less of the same
    EXPECT_EQ(book->entries({})->size(), before);
    auto other = empty();
    takeIn(path("one.json"), *other);
    EXPECT_TRUE(takeIn(path("one.json"), *other).addsNothing());
}

// Every reading of every rod, of entries with their rounds and of those with figures alone.
TEST_F(Exchange, ReadingsGoOutRodByRod) {
    const auto book = full();
    ASSERT_TRUE(exportTo(path("readings.csv"), *book, "plover", Exported::Readings));
    const QList<QByteArray> lines = read(path("readings.csv")).trimmed().split('\n');
    EXPECT_EQ(lines.front(), "entry,saved_at,drum,tone,head,round,how,rod,pitch_hz,error_cents,mark,turns,"
                             "temperature_c,humidity_percent");
    const auto entries = *book->entries("plover");
    int ofRounds = 0;
    int asLeft = 0;
    for (const Entry& entry : entries) {
        int wanted = 0;
        if (entry.isRestorable) {
            const Work work = book->logSetup(entry.id)->work;
            for (const HeadWork* head : {&work.batter, &work.snareSide})
                for (const FinishedRound& round : head->history)
                    wanted += static_cast<int>(std::count_if(round.readings.begin(), round.readings.end(),
                                                             [](const auto& r) { return bool(r); }));
            ofRounds += wanted;
        } else {
            for (const HeadFigures* head : {&entry.figures.batter, &entry.figures.snareSide})
                wanted += head->left ? static_cast<int>(head->left->rods.size()) : 0;
            asLeft += wanted;
        }
        const QByteArray begins = QByteArray::number(static_cast<qlonglong>(entry.id)) + ',';
        EXPECT_EQ(std::count_if(lines.begin(), lines.end(),
                                [&](const QByteArray& line) { return line.startsWith(begins); }),
                  wanted);
    }
    EXPECT_GE(ofRounds, 16);
    EXPECT_GE(asLeft, 16);
    EXPECT_EQ(lines.size(), 1 + ofRounds + asLeft);
    for (const QByteArray& line : lines.mid(1)) {
        const QList<QByteArray> cells = line.split(',');
        ASSERT_EQ(cells.size(), 14) << line.toStdString();
        EXPECT_EQ(cells[2], "plover");
        const double hertz = cells[8].toDouble();
        EXPECT_TRUE(hertz > 100.0 && hertz < 900.0) << line.toStdString();
        EXPECT_TRUE(cells[7].toInt() >= 1 && cells[7].toInt() <= 10);
    }
    EXPECT_FALSE(exportTo(path("no/such/folder/x.csv"), *book, std::nullopt, Exported::Readings));
    ASSERT_FALSE(exportTo(path("readings.json"), *book, std::nullopt, Exported::Readings));
    EXPECT_FALSE(QFile::exists(path("readings.json"))); // a table under that name would be taken for a parcel
    const auto plan = importPlanOf(path("readings.csv"), *book); // its rows are no entries
    ASSERT_FALSE(plan);
    EXPECT_TRUE(plan.fault().text.contains(QStringLiteral("single readings")))
        << plan.fault().text.toStdString();
}

TEST_F(Exchange, OneDrumAlone) {
    const auto book = full();
    ASSERT_TRUE(exportTo(path("wren.json"), *book, "wren"));
    auto other = empty();
    takeIn(path("wren.json"), *other);
    ASSERT_EQ(other->drums()->size(), 1U);
    EXPECT_EQ(other->drums()->front().drum.id, "wren");
    EXPECT_EQ(other->entries({})->size(), book->entries("wren")->size());
}

TEST_F(Exchange, WhatIsHereStaysWhereItDiffers) {
    const auto book = full();
    ASSERT_TRUE(exportTo(path("one.json"), *book, std::nullopt));
    qint64 id = 0;
    for (const Entry& entry : *book->entries({}))
        id = entry.isRestorable ? entry.id : id;
    ASSERT_TRUE(book->keepWords(id, testing::wordsOf(*book, id), {"mine", "", "", {}, 1, false}));
    Json json = Json::parse(read(path("one.json")).toStdString());
    json["drums"][0]["name"] = "Another name";
    json["entries"][0]["drum"] = "nobody";
    const QString file = written("changed.json", QByteArray::fromStdString(json.dump()));
    const ImportPlan plan = takeIn(file, *book);
    EXPECT_TRUE(plan.differs.contains(QStringLiteral("Another name")));
    EXPECT_EQ(plan.differs.size(), 2); // and the words of that entry
    ASSERT_EQ(plan.refused.size(), 1);
    EXPECT_TRUE(plan.refused.front().contains(QStringLiteral("nobody")));
    for (const Entry& entry : *book->entries({}))
        EXPECT_TRUE(entry.id != id || entry.figures.words.note == "mine");
    EXPECT_NE(book->drums()->front().drum.name, "Another name");
}

TEST_F(Exchange, ATableInACommaLocaleWithAMarkAndUnitsIsRead) {
    auto book = full();
    const QByteArray table = "\xEF\xBB\xBFsaved_at;drum;tone;Batter (Hz);Snare side [Hz];Ring heard (ms);"
                             "Temperature (\xC2\xB0"
                             "F);Humidity %;Stars;Note;unknown column\r\n"
                             "2026-10-11T18:00:00+02:00;Plover;Chase;301,4 Hz;402,5;380;68;45;4;\"a; note, "
                             "with \"\"marks\"\"\";7\r\n";
    const ImportPlan plan = takeIn(written("table.csv", table), *book);
    ASSERT_EQ(plan.adds.entries.size(), 1U) << plan.refused.join(QLatin1Char(';')).toStdString();
    const auto figures = entryFiguresFrom(plan.adds.entries[0].entry.summary.toStdString());
    ASSERT_TRUE(figures);
    EXPECT_EQ(plan.adds.entries[0].entry.drumId, "plover");
    EXPECT_EQ(plan.adds.entries[0].entry.toneId, "chase");
    EXPECT_NEAR(figures->batter.left->edge.value, 301.4, 1e-9);
    EXPECT_NEAR(figures->snareSide.left->edge.value, 402.5, 1e-9);
    EXPECT_NEAR(figures->ringHeard->value, 0.38, 1e-9);
    EXPECT_NEAR(figures->weather.temperature->value, 20.0, 1e-9);
    EXPECT_NEAR(*figures->weather.humidity, 0.45, 1e-9);
    EXPECT_EQ(figures->words.stars, 4);
    EXPECT_EQ(figures->words.note, "a; note, with \"marks\"");
    EXPECT_TRUE(takeIn(path("table.csv"), *book).addsNothing());
}

TEST_F(Exchange, ATableOutAndInKeepsItsFigures) {
    const auto book = full();
    const auto entries = *book->entries({});
    const auto again = entriesFromCsv(entriesCsv(entries).toUtf8());
    ASSERT_TRUE(again) << again.fault().text();
    ASSERT_EQ(again->entries.size(), entries.size());
    for (std::size_t i = 0; i < entries.size(); ++i) {
        const EntryFigures figures = *entryFiguresFrom(again->entries[i].entry.summary.toStdString());
        EXPECT_NEAR(figures.batter.left->edge.value, entries[i].figures.batter.left->edge.value, 0.01);
        EXPECT_EQ(figures.strainer, entries[i].figures.strainer);
        EXPECT_EQ(figures.words.note, entries[i].figures.words.note);
        EXPECT_EQ(figures.words.tags, entries[i].figures.words.tags);
        EXPECT_EQ(figures.words.hours, entries[i].figures.words.hours);
    }
    // What a spreadsheet would reckon is kept from it.
    Entry formula = entries.front();
    formula.figures.words.note = "=1+1";
    EXPECT_TRUE(entriesCsv({formula}).contains(QStringLiteral("'=1+1")));
    EXPECT_EQ(entryFiguresFrom(
                  entriesFromCsv(entriesCsv({formula}).toUtf8())->entries.front().entry.summary.toStdString())
                  ->words.note,
              "=1+1");
}

TEST_F(Exchange, BadFilesAreSaidAndNothingIsHalfTakenIn) {
    const auto book = full();
    const std::size_t before = book->entries({})->size();
    ASSERT_TRUE(exportTo(path("one.json"), *book, std::nullopt));
    const std::string good = read(path("one.json")).toStdString();
    const auto refused = [&](const QString& file, const char* why) {
        const auto plan = importPlanOf(file, *book);
        ASSERT_FALSE(plan) << why;
        EXPECT_TRUE(plan.fault().text.contains(QLatin1String(why))) << plan.fault().text.toStdString();
    };
    refused(path("gone.json"), "cannot be read");
    refused(written("a.json", "not json"), "no JSON");
    refused(written("b.json", "{}"), "no export");
    refused(written("c.json", QByteArray::fromStdString(good.substr(0, good.size() / 2))), "no JSON");
    Json json = Json::parse(good);
    json["version"] = 99;
    refused(written("d.json", QByteArray::fromStdString(json.dump())), "newer Bombo");
    // One damaged part costs only itself, and is named.
    const auto without = [&](const char* name, const Json& changed, const char* why) {
        auto other = empty((std::string(name) + ".bombo").c_str());
        const ImportPlan plan = takeIn(written(name, QByteArray::fromStdString(changed.dump())), *other);
        ASSERT_FALSE(plan.refused.isEmpty()) << why;
        EXPECT_TRUE(plan.refused.join(QLatin1Char('\n')).contains(QLatin1String(why)))
            << plan.refused.join(QLatin1Char('\n')).toStdString();
        EXPECT_GT(plan.adds.entries.size(), before / 2);
        EXPECT_EQ(other->entries({})->size(), plan.adds.entries.size());
    };
    json = Json::parse(good);
    json["entries"].back()["saved_at"] = "yesterday";
    without("e.json", json, "saved_at");
    json = Json::parse(good);
    for (Json& entry : json["entries"])
        if (entry.contains("work"))
            entry["work"]["drum"] = 7;
    without("f.json", json, "work");
    json = Json::parse(good);
    json["drums"][2]["rods"] = 400;
    without("g.json", json, "drums.2");
    refused(written("a.csv", ""), "no rows");
    refused(written("b.csv", "a,b\n1,2\n"), "saved_at");
    // Row by row: what cannot be is named, the others are taken.
    const auto rows = [&](const QByteArray& row, const char* why, const char* heads = "batter_hz") {
        const auto plan = importPlanOf(written("row.csv", QByteArray("saved_at,drum,tone,") + heads +
                                                              "\n2026-10-11T18:00:00Z,plover,chase," + row +
                                                              "\n2026-10-12T18:00:00Z,plover,chase,\n"),
                                       *book);
        ASSERT_TRUE(plan) << plan.fault().text.toStdString();
        ASSERT_EQ(plan->refused.size(), 1) << why;
        EXPECT_TRUE(plan->refused.front().contains(QLatin1String(why)))
            << plan->refused.front().toStdString();
        EXPECT_EQ(plan->adds.entries.size(), 1U);
    };
    rows("high", "line 2, batter_hz");
    rows("99999", "beyond what a drum can have");
    rows("29", "no pitch of Plover");
    rows("300,5", "decimal comma");
    rows("0.45", "share or a percentage", "humidity");
    rows("7.5", "strainer_turns", "strainer_turns");
    for (const char* when : {"0001-01-01T00:00:00Z", "9999-01-01T00:00:00Z"}) {
        const auto plan = importPlanOf(
            written("when.csv", QByteArray("saved_at,drum,tone\n") + when + ",plover,chase\n"), *book);
        ASSERT_TRUE(plan);
        EXPECT_TRUE(plan->adds.entries.empty());
        EXPECT_TRUE(plan->refused.join(QString()).contains(QStringLiteral("1990"))) << when;
    }
    const auto noTone =
        importPlanOf(written("tone.csv", "saved_at,drum,tone\n2026-10-11T18:00:00Z,plover,no-such\n"), *book);
    ASSERT_TRUE(noTone);
    EXPECT_TRUE(noTone->refused.join(QString()).contains(QStringLiteral("no tone")));
    EXPECT_EQ(book->entries({})->size(), before);
    // A place that cannot be written.
    EXPECT_FALSE(exportTo(path("no/such/folder/x.json"), *book, std::nullopt));
    // A parcel of which one part cannot be stored: all or nothing.
    Parcel broken = *book->parcel({});
    broken.drums.clear();
    broken.tones.clear();
    broken.entries.back().entry.drumId = "no-such-drum";
    EXPECT_FALSE(book->takeIn(broken));
    EXPECT_EQ(book->entries({})->size(), before);
}

} // namespace
} // namespace bombo
