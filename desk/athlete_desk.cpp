#include "desk/athlete_desk.h"

#include <QUndoCommand>

namespace mottix {
namespace {

class EditAthlete : public QUndoCommand {
 public:
  EditAthlete(AthleteDesk& desk, const QString& text, AthleteRecord before, AthleteRecord after)
      : QUndoCommand(text), desk_(desk), before_(std::move(before)), after_(std::move(after)) {}
  void redo() override { desk_.apply(after_); }
  void undo() override { desk_.apply(before_); }

 private:
  AthleteDesk& desk_;
  AthleteRecord before_, after_;
};

}  // namespace

AthleteDesk::AthleteDesk(HouseFile& house, QUndoGroup& undo, QDate today, QObject* parent)
    : QObject(parent), house_(house), undo_(undo), today_(today) {}
AthleteDesk::~AthleteDesk() = default;

bool AthleteDesk::open(AthleteId athlete) {
  auto record = house_.loadRecord(athlete);
  if (!record) {
    emit trouble(QString::fromStdString(record.error().text));
    return false;
  }
  record_ = std::move(*record);
  auto& stack = stacks_[athlete];
  if (!stack) {
    stack = std::make_unique<QUndoStack>();
    undo_.addStack(stack.get());
  }
  undo_.setActiveStack(stack.get());
  return true;
}

void AthleteDesk::edit(const QString& text, const AthleteRecord& after) {
  if (after == record_) return;
  push(new EditAthlete(*this, text, record_, after));
}

void AthleteDesk::push(QUndoCommand* command) {
  stacks_[record_.athlete.id]->push(command);
}

void AthleteDesk::apply(const AthleteRecord& record) {
  if (auto ok = house_.saveRecord(record); !ok) {
    emit trouble(QString::fromStdString(ok.error().text));
    return;
  }
  // What follows from the record (the worst complaint) comes back with it.
  if (auto saved = house_.loadRecord(record.athlete.id); saved) record_ = std::move(*saved);
  emit changed();
}

std::vector<SetRecord> AthleteDesk::sets() const {
  return house_.trackedSets(record_.athlete.id).value_or(std::vector<SetRecord>());
}

}  // namespace mottix
