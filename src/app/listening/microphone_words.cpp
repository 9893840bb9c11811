#include "app/listening/microphone_words.h"
#include "app/numbers/numbers.h"

#include <QCoreApplication>
#include <QStringList>
#include <cmath>

namespace bombo {
namespace {

struct MicrophoneWordsText {
    Q_DECLARE_TR_FUNCTIONS(MicrophoneWords)
};

constexpr double kGoodPeak = -14.0; // dB full scale

HeardWords wordsOf(MicrophoneFault fault, const MicrophoneCheck& check) {
    switch (fault) {
    case MicrophoneFault::TooLoud:
        return {MicrophoneWordsText::tr("Too loud: the taps are cut off at the top"),
                MicrophoneWordsText::tr("Turn the input level down in the sound settings, or move the "
                                        "microphone a hand's width further away.")};
    case MicrophoneFault::TooQuiet:
        return {MicrophoneWordsText::tr("Too quiet: taps reach %1 dB").arg(std::lround(check.peakDb)),
                MicrophoneWordsText::tr("Turn the input level up by about %1 dB in the sound settings.")
                    .arg(3 * std::lround((kGoodPeak - check.peakDb) / 3.0))};
    case MicrophoneFault::Gated:
        return {MicrophoneWordsText::tr("It shuts as soon as it grows quiet"),
                MicrophoneWordsText::tr("Turn noise suppression off in the sound settings: it cuts off the "
                                        "ring that the pitch is read from.")};
    case MicrophoneFault::GainFollows:
        return {MicrophoneWordsText::tr("It turns its own level up and down"),
                MicrophoneWordsText::tr("Turn automatic gain off in the sound settings. Pitches can be read "
                                        "with it, but not how long a drum rings.")};
    case MicrophoneFault::Hum:
        return {MicrophoneWordsText::tr("Mains hum at %1 Hz").arg(check.mains ? check.mains->value : 50.0),
                MicrophoneWordsText::tr("Keep its cable away from power supplies and lamps, or run the "
                                        "computer from its battery. A partial close to the hum may drown.")};
    case MicrophoneFault::Noisy:
        return {
            MicrophoneWordsText::tr("Too much noise: a tap is only %1 dB above the room")
                .arg(std::lround(check.overFloorDb)),
            MicrophoneWordsText::tr("Switch fans off, close the window, or bring the microphone nearer.")};
    case MicrophoneFault::TooFar:
        break;
    }
    return {MicrophoneWordsText::tr("Too far: the room is as loud as the drum"),
            MicrophoneWordsText::tr("Bring the microphone to a hand's width over the edge of the head, and "
                                    "tap lightly.")};
}

const char* storedName(MicrophoneFault fault) {
    switch (fault) {
    case MicrophoneFault::TooLoud:
        return "too_loud";
    case MicrophoneFault::TooQuiet:
        return "too_quiet";
    case MicrophoneFault::Gated:
        return "gated";
    case MicrophoneFault::GainFollows:
        return "gain_follows";
    case MicrophoneFault::Hum:
        return "hum";
    case MicrophoneFault::Noisy:
        return "noisy";
    case MicrophoneFault::TooFar:
        break;
    }
    return "too_far";
}

} // namespace

HeardWords microphoneWords(const MicrophoneCheck& check) {
    if (!check.isGood())
        return wordsOf(check.faults.front(), check);
    return {
        check.error && *check.error <= kClear
            ? MicrophoneWordsText::tr("Good: pitches to about ±%1 cents").arg(number(check.error->value, 1))
            : MicrophoneWordsText::tr("Good: every tap is heard"),
        MicrophoneWordsText::tr("Taps reach %1 dB, %2 dB above the room. Leave it in this place for a "
                                "whole round.")
            .arg(std::lround(check.peakDb))
            .arg(std::lround(check.overFloorDb))};
}

QString furtherFaults(const MicrophoneCheck& check) {
    QStringList lines;
    for (std::size_t i = 1; i < check.faults.size(); ++i)
        lines << wordsOf(check.faults[i], check).verdict;
    return lines.isEmpty() ? QString()
                           : MicrophoneWordsText::tr("After that: %1.").arg(lines.join(QStringLiteral("; ")));
}

QString storedCheck(const MicrophoneCheck& check) {
    return QString::fromLatin1(check.isGood() ? "good" : storedName(check.faults.front()));
}

} // namespace bombo
