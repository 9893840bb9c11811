#include "store/records.h"

#include <QCoreApplication>

namespace bombo {
namespace {

struct StoreText {
    Q_DECLARE_TR_FUNCTIONS(Store)
};

} // namespace

QString problemText(const WorkbookProblem& problem) {
    const QString name = problem.path;
    switch (problem.fault) {
    case WorkbookFault::NotFound:
        return StoreText::tr("%1 is not there. Choose another workbook or make a new one.").arg(name);
    case WorkbookFault::Unreachable:
        return StoreText::tr("%1 cannot be reached. Check that its folder is there and that you may write "
                             "in it.")
            .arg(name);
    case WorkbookFault::NotAWorkbook:
        return StoreText::tr(
                   "%1 is not a Bombo workbook. It was left as it is; choose a file that Bombo saved.")
            .arg(name);
    case WorkbookFault::Damaged:
        return StoreText::tr(
                   "%1 is damaged (%2). It was left as it is. Open the newest backup beside it (its "
                   "name ends in .bak), or copy what can be read into a new one with bombo-cli rescue.")
            .arg(name, problem.detail);
    case WorkbookFault::NewerVersion:
        return StoreText::tr(
                   "%1 was written by a newer Bombo. It was left as it is; update Bombo to open it.")
            .arg(name);
    case WorkbookFault::ReadOnly:
        return StoreText::tr("%1 can be read but not written. Save a copy in a folder of your own to go on.")
            .arg(name);
    case WorkbookFault::DiskFull:
        return StoreText::tr("The disk with %1 is full. Nothing saved was lost; free some space, then do "
                             "the last step again.")
            .arg(name);
    case WorkbookFault::DiskFailing:
        return StoreText::tr(
                   "The disk with %1 could not be read or written. The workbook itself may be whole: "
                   "check the disk and its cable or network, then try again.")
            .arg(name);
    case WorkbookFault::Busy:
        return StoreText::tr("Another program is writing to %1. Wait a moment, then do the last step again.")
            .arg(name);
    case WorkbookFault::ChangedElsewhere:
        return StoreText::tr("Another window has gone on with this session in %1. Its steps were loaded; do "
                             "your last step again if it is still wanted.")
            .arg(name);
    case WorkbookFault::Moved:
        return StoreText::tr(
                   "%1 was moved, replaced or deleted while it was open, so this step was not kept. "
                   "Everything before it is still here: choose Workbook > Save a copy, or write it "
                   "back to its place.")
            .arg(name);
    case WorkbookFault::Foreign:
        return StoreText::tr(
                   "%1 holds parts that Bombo did not make (%2). It was left as it is. Copy what can "
                   "be read into a new workbook with bombo-cli rescue.")
            .arg(name, problem.detail);
    case WorkbookFault::Unreadable:
        return StoreText::tr(
                   "That step was not taken: Bombo could not have read it again from %1 (%2). Nothing "
                   "was lost. Please report what you did just before.")
            .arg(name, problem.detail);
    case WorkbookFault::Exists:
        return StoreText::tr("%1 exists already. Choose another name, or open it.").arg(name);
    case WorkbookFault::GivenUp:
        return StoreText::tr("Cancelled. Nothing was written to %1.").arg(name);
    case WorkbookFault::Failed:
        break;
    }
    return StoreText::tr("%1 could not be used: %2.").arg(name, problem.detail);
}

} // namespace bombo
