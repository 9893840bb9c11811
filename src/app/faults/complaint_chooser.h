#pragma once
/// What is complained of, in plain words.
#include <QWidget>
#include <string>
#include <vector>

class QPushButton;

namespace bombo {

class ComplaintChooser : public QWidget {
    Q_OBJECT
public:
    explicit ComplaintChooser(QWidget* parent = nullptr);

signals:
    void chosen(const std::string& complaint);
};

} // namespace bombo
