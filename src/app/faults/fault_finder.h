#pragma once
/// The search that is under way: the session's, or one of its own where no drum is in front.
#include "app/session/session_controller.h"
#include "core/faults/fault_search.h"
#include "store/resources.h"

namespace bombo {

class FaultFinder : public QObject {
    Q_OBJECT
public:
    explicit FaultFinder(SessionController& controller, QObject* parent = nullptr);

    const FaultNet& net() const { return faultNet(); }
    /// Null while nothing is complained of, or of a complaint that this program does not know.
    const FaultCase* current() const;
    /// @pre current()
    const FaultsSay& says();
    /// What the workbook knows of the drum now; empty without one.
    const std::vector<FaultFigure>& figures();
    /// The same figure when the remedy began; null where it was not known then.
    const FaultFigure* figureBefore(const std::string& measure) const;

    void complain(const std::string& complaint);
    void answer(const std::string& test, std::optional<int> level);
    void take(const std::string& cause);
    void judge(Helped helped);
    void leave();
    /// The last thing that was said is taken back.
    void stepBack();

signals:
    void changed();

private:
    bool hasSession() const { return m_controller.hasSession(); }
    void set(std::optional<FaultCase> loose);
    void freshFigures();

    SessionController& m_controller;
    std::optional<FaultCase> m_loose;   ///< without a session
    std::optional<Session> m_figuresOf; ///< what of the session moves them
    std::vector<FaultFigure> m_figures;
    std::optional<FaultCase> m_saysOf;
    std::vector<FaultFigure> m_saysWith;
    std::vector<FoundCause> m_saysFound;
    FaultsSay m_says;
    bool m_stale = true; ///< the logbook changed since the figures were made
};

} // namespace bombo
