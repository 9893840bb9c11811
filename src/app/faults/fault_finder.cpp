#include "app/faults/fault_finder.h"

#include "core/record/fault_evidence.h"

#include <QDateTime>
#include <algorithm>

namespace bombo {

FaultFinder::FaultFinder(SessionController& controller, QObject* parent)
    : QObject(parent), m_controller(controller) {
    connect(&controller, &SessionController::logChanged, this, [this] { m_stale = true; });
    connect(&controller, &SessionController::workbookChanged, this, [this] {
        m_stale = true;
        m_loose.reset();
    });
}

const FaultCase* FaultFinder::current() const {
    const std::optional<FaultCase>& found = hasSession() ? m_controller.session().faults : m_loose;
    return found && indexOf(net().complaints, found->complaint) ? &*found : nullptr;
}

void FaultFinder::freshFigures() {
    if (!hasSession()) {
        m_figures.clear();
        m_figuresOf.reset();
        return;
    }
    const Session& session = m_controller.session();
    // Neither the search nor where one stands moves a figure: with each answer they would be reckoned for
    // nothing.
    Session now = session;
    now.faults.reset();
    now.clock = 0;
    static_cast<Context&>(now) = {};
    now.foundCauses.clear();
    now.earResults.clear();
    now.tuningResults.clear();
    if (!m_stale && m_figuresOf == now)
        return;
    std::vector<Entry> own;
    for (Entry& entry : m_controller.entries())
        if (entry.drumId == session.drum.id)
            own.push_back(std::move(entry));
    m_figures = faultFigures(m_controller.reckoned(), own, QDateTime::currentSecsSinceEpoch());
    m_figuresOf = std::move(now);
    m_stale = false;
}

const std::vector<FaultFigure>& FaultFinder::figures() {
    freshFigures();
    return m_figures;
}

const FaultsSay& FaultFinder::says() {
    freshFigures();
    const FaultCase& now = *current();
    std::vector<FoundCause> found;
    if (hasSession())
        found = m_controller.session().foundCauses;
    std::erase_if(
        found, [&](const FoundCause& one) { return one.caseAt == now.begunAt; }); // tells nothing of itself
    if (m_saysOf == now && m_saysWith == m_figures && m_saysFound == found)
        return m_says;
    m_says = faultsSay(net(), now, m_figures, found, hasSession() ? m_controller.session().drum.id : "");
    m_saysOf = now;
    m_saysWith = m_figures;
    m_saysFound = found;
    return m_says;
}

const FaultFigure* FaultFinder::figureBefore(const std::string& measure) const {
    const FaultCase* now = current();
    if (now == nullptr)
        return nullptr;
    const auto found = std::find_if(now->before.begin(), now->before.end(),
                                    [&](const FaultFigure& figure) { return figure.measure == measure; });
    return found == now->before.end() ? nullptr : &*found;
}

void FaultFinder::set(std::optional<FaultCase> loose) {
    m_loose = std::move(loose);
    emit changed();
}

void FaultFinder::complain(const std::string& complaint) {
    const qint64 now = QDateTime::currentSecsSinceEpoch();
    if (!hasSession())
        return set(begunCase(complaint, now));
    if (m_controller.perform(Complain{complaint, now}))
        emit changed();
}

void FaultFinder::answer(const std::string& test, std::optional<int> level) {
    if (!hasSession())
        return set(answered(*m_loose, {test, level}));
    if (m_controller.perform(AnswerFault{{test, level}}))
        emit changed();
}

void FaultFinder::take(const std::string& cause) {
    if (!hasSession())
        return set(remedied(*m_loose, cause, {}));
    if (m_controller.perform(TakeCause{cause, figures()}))
        emit changed();
}

void FaultFinder::judge(Helped helped) {
    if (!hasSession())
        return set(judged(*m_loose, helped));
    if (m_controller.perform(JudgeRemedy{helped})) // and what was found is kept with it, see followVerdict
        emit changed();
}

void FaultFinder::leave() {
    if (!hasSession())
        return set(std::nullopt);
    if (m_controller.perform(LeaveFaults{}))
        emit changed();
}

void FaultFinder::stepBack() {
    if (!hasSession())
        return set(steppedBack(*m_loose));
    if (m_controller.perform(StepBackInFaults{}))
        emit changed();
}

} // namespace bombo
