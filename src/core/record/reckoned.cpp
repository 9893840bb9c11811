#include "core/record/reckoned_memo.h"

namespace bombo {

Reckoned::Reckoned(const Session& session) : m_session(&session), m_memo(std::make_unique<Memo>()) {}
Reckoned::~Reckoned() = default;

} // namespace bombo
