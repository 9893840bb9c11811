/// Appends steps to a session for ever and prints each position once it was acknowledged.
#include "store/workbook.h"
#include "support/sessions.h"

#include <QCoreApplication>
#include <cstdio>

int main(int argc, char** argv) {
    using namespace bombo;
    const QCoreApplication application(argc, argv);
    auto book = Workbook::open(QString::fromLocal8Bit(argv[1]));
    if (!book)
        return 1;
    auto stored = book.value()->loadSession(QByteArray(argv[2]).toLongLong());
    if (!stored)
        return 1;
    RodReading heard;
    heard.frequency = Hertz{300};
    while (true) {
        Work state = stored->work;
        state.clock = stored->position + 1;
        const auto done = book.value()->appendStep(*stored, QStringLiteral("tap_heard"), state, {},
                                                   {{HeadSide::Batter, stored->position % 8, heard}},
                                                   QStringLiteral("2026-11-25T18:00:00"));
        if (!done)
            return 2;
        std::printf("%d\n", stored->position);
        std::fflush(stdout);
    }
}
