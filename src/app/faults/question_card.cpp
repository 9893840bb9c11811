#include "app/faults/question_card.h"

#include "app/faults/fault_drawing.h"
#include "app/faults/fault_words.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

namespace bombo {

QuestionCard::QuestionCard(QWidget* parent) : QFrame(parent) {
    setProperty("card", true);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 18, 24, 18);
    column->setSpacing(8);
    m_title = textLabel("title");
    m_title->setObjectName(QStringLiteral("faultQuestion"));
    m_title->setWordWrap(true);
    column->addWidget(m_title);
    m_how = textLabel("lead");
    m_how->setObjectName(QStringLiteral("faultHow"));
    m_how->setWordWrap(true);
    column->addWidget(m_how);
    m_drawing = new FaultDrawing;
    column->addWidget(m_drawing, 1);
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    for (int i = 0; i < kMostAnswers; ++i) {
        auto* button = new AnswerButton(QString::number(i + 1));
        button->setObjectName(QStringLiteral("faultAnswer-%1").arg(i));
        connect(button, &QPushButton::clicked, this, [this, i] { emit answered(i); });
        m_answers.at(static_cast<std::size_t>(i)) = button;
        row->addWidget(button, 1);
    }
    m_notSure = new AnswerButton(tr("Space"));
    m_notSure->setObjectName(QStringLiteral("faultNotSure"));
    m_notSure->setText(tr("Not sure"));
    connect(m_notSure, &QPushButton::clicked, this, [this] { emit answered(-1); });
    row->addWidget(m_notSure, 1);
    column->addLayout(row);
}

void QuestionCard::show(const FaultTest& test, int rods, int strands) {
    m_title->setText(testTitle(test.id));
    m_how->setText(testHow(test.id));
    m_drawing->show(test.drawing, testTitle(test.id), rods, strands);
    for (std::size_t i = 0; i < m_answers.size(); ++i) {
        m_answers.at(i)->setVisible(i < test.answers.size());
        if (i < test.answers.size())
            m_answers.at(i)->setText(answerName(test.answers[i]));
    }
}

bool QuestionCard::press(int answer) {
    if (answer < 0 || answer >= kMostAnswers || m_answers.at(static_cast<std::size_t>(answer))->isHidden())
        return false;
    m_answers.at(static_cast<std::size_t>(answer))->click();
    return true;
}

} // namespace bombo
