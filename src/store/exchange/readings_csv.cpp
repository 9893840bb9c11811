#include "store/exchange/readings_csv.h"

#include "core/record/tap_kind_json.h"
#include "store/exchange/csv_cell.h"

namespace bombo {
namespace {

/// The rows of one entry, one after the other.
class Rows {
public:
    Rows(QString& text, const Entry& entry) : m_text(text), m_entry(entry) {}

    void ofRounds(const char* head, const HeadWork& work) {
        for (std::size_t number = 0; number < work.history.size(); ++number) {
            const FinishedRound& round = work.history[number];
            for (std::size_t rod = 0; rod < round.readings.size(); ++rod)
                if (const auto& reading = round.readings[rod]) {
                    const auto error = reading->standardError;
                    add({QLatin1String(head), QString::number(number + 1),
                         QString::fromStdString(Json(round.way.kind).get<std::string>()),
                         QString::number(rod + 1), figure(reading->frequency.value, 3),
                         error ? figure(errorInCents(*error, reading->frequency).value, 1) : QString(),
                         reading->gauge ? figure(*reading->gauge, 2) : QString(),
                         rod < round.rodTurns.size() ? figure(round.rodTurns[rod].value, 4) : QString(),
                         figure(round.weather.temperature.value, 1),
                         figure(100.0 * round.weather.relativeHumidity, 1)});
                }
        }
    }

    /// Of an entry that keeps no rounds: every rod as it was left.
    void asLeft(const char* head, const HeadFigures& figures) {
        if (!figures.left)
            return;
        const WeatherSaid& weather = m_entry.figures.weather;
        for (std::size_t rod = 0; rod < figures.left->rods.size(); ++rod)
            add({QLatin1String(head),
                 {},
                 {},
                 QString::number(rod + 1),
                 figure(moved(figures.left->edge, figures.left->rods[rod]).value, 3),
                 figure(figures.left->error.value, 1),
                 {},
                 rod < figures.turns.size() ? figure(figures.turns[rod].value, 4) : QString(),
                 figure(weather.temperature, 1),
                 weather.humidity ? figure(100.0 * *weather.humidity, 1) : QString()});
    }

private:
    void add(const QStringList& cells) {
        const QStringList whole = QStringList{QString::number(m_entry.id), when(m_entry.at),
                                              quoted(QString::fromStdString(m_entry.drumId)),
                                              quoted(QString::fromStdString(m_entry.toneId))} +
                                  cells;
        m_text += whole.join(QLatin1Char(',')) + QLatin1Char('\n');
    }

    QString& m_text;
    const Entry& m_entry;
};

} // namespace

Workbook::Outcome<QString> readingsCsv(const Workbook& book, const std::optional<std::string>& drumId,
                                       QStringList& leftOut) {
    const auto entries = book.entries(drumId);
    if (!entries)
        return failure(entries.fault());
    QString text =
        QStringLiteral("entry,saved_at,drum,tone,head,round,how,rod,pitch_hz,error_cents,mark,turns,"
                       "temperature_c,humidity_percent\n");
    for (const Entry& entry : *entries) {
        Rows rows(text, entry);
        const auto setup = entry.isRestorable ? std::optional(book.logSetup(entry.id)) : std::nullopt;
        if (setup && !*setup)
            leftOut << QStringLiteral("entry %1: its setup is damaged, its figures are here (%2)")
                           .arg(entry.id)
                           .arg(setup->fault().detail);
        if (!setup || !*setup) {
            rows.asLeft("batter", entry.figures.batter);
            rows.asLeft("snare_side", entry.figures.snareSide);
            continue;
        }
        const Work& work = (*setup)->work;
        rows.ofRounds("batter", work.batter);
        rows.ofRounds("snare_side", work.snareSide);
    }
    return text;
}

} // namespace bombo
