#pragma once
/// While it lives no file of this process grows beyond a size: what a full disk does, without one.
#include <csignal>
#include <cstddef>
#include <sys/resource.h>

namespace bombo::testing {

class FullDisk {
public:
    explicit FullDisk(std::size_t bytes) {
        m_signal = std::signal(SIGXFSZ, SIG_IGN); // the write fails instead
        getrlimit(RLIMIT_FSIZE, &m_was);
        rlimit limit = m_was;
        limit.rlim_cur = bytes;
        setrlimit(RLIMIT_FSIZE, &limit);
    }
    ~FullDisk() {
        setrlimit(RLIMIT_FSIZE, &m_was);
        std::signal(SIGXFSZ, m_signal);
    }
    FullDisk(const FullDisk&) = delete;
    FullDisk& operator=(const FullDisk&) = delete;

private:
    rlimit m_was{};
    void (*m_signal)(int) = SIG_DFL;
};

} // namespace bombo::testing
