// Undo steps for sets of the log that have no film: written down, brought in, taken out.
#pragma once

#include <functional>

#include <QUndoCommand>

#include "store/house_file.h"

namespace mottix {

// Called after each step with what went wrong; empty: nothing.
using AfterStep = std::function<void(const QString&)>;

class WriteSets : public QUndoCommand {
 public:
  WriteSets(HouseFile& house, std::vector<SetRecord> sets, const QString& text, AfterStep after)
      : QUndoCommand(text), house_(house), sets_(std::move(sets)), after_(std::move(after)) {}
  void redo() override {
    auto ids = house_.addSets(sets_);
    if (ids) ids_ = std::move(*ids);
    after_(ids ? QString() : QString::fromStdString(ids.error().text));
  }
  void undo() override {
    const auto ok = house_.removeSets(ids_);
    if (ok) ids_.clear();
    after_(ok ? QString() : QString::fromStdString(ok.error().text));
  }

 private:
  HouseFile& house_;
  std::vector<SetRecord> sets_;
  std::vector<SetId> ids_;
  AfterStep after_;
};

class TakeSetOut : public QUndoCommand {
 public:
  TakeSetOut(HouseFile& house, SetId id, AfterStep after)
      : QUndoCommand(QObject::tr("Take a set out of the log")),
        house_(house),
        id_(id),
        after_(std::move(after)) {}
  void redo() override {
    auto set = house_.loadSet(id_);
    if (set) set_ = *set;
    const auto ok = set ? house_.removeSet(id_) : Expected<void>(tl::make_unexpected(set.error()));
    after_(ok ? QString() : QString::fromStdString(ok.error().text));
  }
  void undo() override {
    const auto id = house_.addSet(set_);
    if (id) id_ = *id;
    after_(id ? QString() : QString::fromStdString(id.error().text));
  }

 private:
  HouseFile& house_;
  SetId id_;
  SetRecord set_;
  AfterStep after_;
};

}  // namespace mottix
