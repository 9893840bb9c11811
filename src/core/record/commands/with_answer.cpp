#include "core/record/commands/with_answer.h"

#include <algorithm>

namespace bombo {
namespace {

template <class Test, class Same> void know(std::vector<Test>& tests, const Test& test, Same isSame) {
    const auto same = std::find_if(tests.begin(), tests.end(), isSame);
    if (same != tests.end())
        *same = test;
    else
        tests.push_back(test);
}

} // namespace

Session withAnswer(Session session, const WireAnswer& answer) {
    const Turns stop = session.wires.strainer;
    if (answer.answered)
        know(session.wires.tests, WireTest{stop, answer.place, answer.dynamic, *answer.answered},
             [&](const WireTest& t) {
                 return t.turns == stop && t.place == answer.place && t.dynamic == answer.dynamic;
             });
    if (answer.rattled)
        know(session.wires.rattles, RattleTest{stop, *answer.rattled},
             [&](const RattleTest& t) { return t.turns == stop; });
    if (answer.answered || answer.rattled) {
        session.wires.begun = true;
        session.wiresAt = session.clock;
    }
    return session;
}

} // namespace bombo
