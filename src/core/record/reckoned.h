#pragma once
/// What was reckoned from a session so far.
#include <memory>

namespace bombo {

struct Session;

/// A session with what was reckoned from it so far: targets, tensions and advice are computed once, when they
/// are first asked for. Whatever wants one takes a plain session as well; who asks for several things keeps
/// one. Holds a reference: the session must stay as it is meanwhile. Not for two threads at once.
class Reckoned {
public:
    Reckoned(const Session& session); // NOLINT(google-explicit-constructor): see above
    ~Reckoned();
    Reckoned(const Reckoned&) = delete;
    Reckoned& operator=(const Reckoned&) = delete;

    const Session& session() const { return *m_session; }
    struct Memo;
    Memo& memo() const { return *m_memo; }

private:
    const Session* m_session;
    std::unique_ptr<Memo> m_memo;
};

} // namespace bombo
