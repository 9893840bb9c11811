#pragma once
/// Gauss and Legendre's rule, for references.
#include <cmath>
#include <numbers>
#include <vector>

namespace bombo::testing {

struct Rule {
    std::vector<double> at;
    std::vector<double> weight;
};

/// Gauss-Legendre on 0..1, by Newton's method on the Legendre polynomial.
inline Rule gauss(int count) {
    Rule rule;
    for (int i = 0; i < count; ++i) {
        double x = std::cos(std::numbers::pi * (i + 0.75) / (count + 0.5));
        double slope = 1.0;
        for (int step = 0; step < 60; ++step) {
            double before = 1.0;
            double now = x;
            for (int k = 2; k <= count; ++k) {
                const double next = ((2 * k - 1) * x * now - (k - 1) * before) / k;
                before = now;
                now = next;
            }
            slope = count * (x * now - before) / (x * x - 1.0);
            x -= now / slope;
        }
        rule.at.push_back(0.5 * (1.0 + x));
        rule.weight.push_back(1.0 / ((1.0 - x * x) * slope * slope));
    }
    return rule;
}

} // namespace bombo::testing
