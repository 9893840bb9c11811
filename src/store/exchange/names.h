#pragma once
/// Drums or tones by what people write for them: an id, or a name that only one has.
#include "core/units/result.h"

#include <QString>
#include <QStringList>
#include <map>
#include <set>

namespace bombo {

class Names {
public:
    /// A tone is also known by what its name says before a colon.
    void add(const std::string& id, const std::string& name) {
        m_ids.insert(id);
        m_named[folded(name)].insert(id);
        if (const auto bare = name.substr(0, name.find(':')); bare != name)
            m_named[folded(bare)].insert(id);
    }
    /// @param what "drum" or "tone" @return the id, or that there is none, or which ones it may be
    Result<std::string, InputProblem> idOf(const std::string& what, const std::string& cell) const {
        if (m_ids.contains(cell))
            return cell;
        const auto found = m_named.find(folded(cell));
        const std::string shown = cell.substr(0, 80);
        if (found == m_named.end())
            return failure(InputProblem{what, "there is no " + what + " \"" + shown + "\" in this workbook"});
        if (found->second.size() == 1)
            return *found->second.begin();
        QStringList choices;
        for (const std::string& id : found->second)
            choices << QString::fromStdString(id);
        return failure(
            InputProblem{what, "more than one " + what + " is called \"" + shown +
                                   "\"; write its id: " + choices.join(QStringLiteral(", ")).toStdString()});
    }

private:
    static std::string folded(const std::string& name) {
        return QString::fromStdString(name).toCaseFolded().toStdString();
    }
    std::set<std::string> m_ids;
    std::map<std::string, std::set<std::string>> m_named;
};

} // namespace bombo
