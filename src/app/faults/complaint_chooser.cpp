#include "app/faults/complaint_chooser.h"

#include "app/faults/fault_words.h"
#include "app/theme/choice_button.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>

namespace bombo {
namespace {

/// Complaint and what it means; the arrow keys walk along them.
class ComplaintButton : public ChoiceButton {
public:
    explicit ComplaintButton(const std::string& id)
        : ChoiceButton(complaintName(id), complaintMeaning(id), QString()) {
        setObjectName(QStringLiteral("complaint-%1").arg(QString::fromStdString(id)));
        setFocusPolicy(Qt::StrongFocus);
        setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
        setMaximumHeight(96);
    }
    QSize minimumSizeHint() const override { return scaled(QSize(190, 62)); }
    QSize sizeHint() const override { return scaled(QSize(240, 72)); }
};

} // namespace

ComplaintChooser::ComplaintChooser(QWidget* parent) : QWidget(parent) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 10, 0, 0);
    row->setSpacing(16);
    const auto add = [&](QVBoxLayout* column, const ComplaintGroup& group) {
        column->addWidget(textLabel("heading", group.title()));
        for (const std::string& id : group.complaints) {
            auto* button = new ComplaintButton(id);
            connect(button, &QPushButton::clicked, this, [this, id] { emit chosen(id); });
            column->addWidget(button, 1);
        }
    };
    const std::vector<ComplaintGroup>& groups = complaintGroups();
    // The last two groups are short: they share a column.
    for (std::size_t i = 0; i < groups.size(); ++i) {
        auto* column = new QVBoxLayout;
        column->setSpacing(10);
        add(column, groups[i]);
        if (i + 2 == groups.size()) {
            column->addSpacing(10);
            add(column, groups[++i]);
        }
        column->addStretch();
        row->addLayout(column, 1);
    }
}

} // namespace bombo
