#include "store/packed_text.h"

#include <gtest/gtest.h>
#include <random>

namespace bombo {
namespace {

std::string words(int count, unsigned seed) {
    std::mt19937 random(seed);
    std::string text;
    for (int i = 0; i < count; ++i)
        text += std::to_string(random()) + ',';
    return text;
}

TEST(PackedText, ComesBackAsItWas) {
    const std::string base = words(3000, 1);
    for (const std::string& text : {std::string(), std::string("x"), words(2000, 2), base + "one more"}) {
        const QByteArray alone = packedText(text);
        EXPECT_FALSE(basePositionOf(alone));
        EXPECT_EQ(unpackedText(alone), text);
        const QByteArray leaning = packedText(text, base, 8);
        EXPECT_EQ(basePositionOf(leaning), 8);
        EXPECT_EQ(unpackedText(leaning, base), text);
    }
    EXPECT_LT(packedText(base.substr(5000) + "one more", base, 0).size(), packedText(base).size() / 10);
}

TEST(PackedText, WhatIsDamagedOrLeansOnAnotherIsRefused) {
    const std::string base = words(500, 1);
    const QByteArray good = packedText(words(500, 3), base, 0);
    EXPECT_FALSE(unpackedText(good, words(500, 2)));
    EXPECT_FALSE(unpackedText(good));
    EXPECT_FALSE(unpackedText({}));
    EXPECT_FALSE(unpackedText(good.left(20), base));
    for (qsizetype at = 0; at < good.size(); at += 7) {
        QByteArray bad = good;
        bad[at] = static_cast<char>(bad[at] ^ 0x55);
        if (at >= 3 && at < 7)
            continue; // the position of the base, which the caller reads
        EXPECT_FALSE(unpackedText(bad, base)) << at;
    }
    QByteArray bomb = packedText(std::string(1000, 'a'));
    bomb[10] = '\x7f'; // says that it is two gigabytes long
    EXPECT_FALSE(unpackedText(bomb));
}

} // namespace
} // namespace bombo
