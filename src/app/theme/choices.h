#pragma once
/// Combo boxes that carry the value they stand for, so that the order of their lines means nothing.
#include <QComboBox>
#include <utility>
#include <vector>

namespace bombo {

template <class Value> using Choices = std::vector<std::pair<QString, Value>>;

template <class Value> void addChoices(QComboBox* box, const Choices<Value>& choices) {
    for (const auto& [text, value] : choices)
        box->addItem(text, static_cast<int>(value));
}

/// @pre the box carries values of this type
template <class Value> Value chosenIn(const QComboBox* box) {
    return static_cast<Value>(box->currentData().toInt());
}

template <class Value> void choose(QComboBox* box, Value value) {
    box->setCurrentIndex(box->findData(static_cast<int>(value)));
}

template <class Value> void renameChoice(QComboBox* box, Value value, const QString& text) {
    box->setItemText(box->findData(static_cast<int>(value)), text);
}

} // namespace bombo
