// The athlete on the desk: the record that the athlete's page and Fit show and change. Every change is one
// undo step and one transaction in the house file.
#pragma once

#include <map>
#include <memory>

#include <QDate>
#include <QObject>
#include <QUndoGroup>
#include <QUndoStack>

#include "store/house_file.h"

namespace mottix {

class AthleteDesk : public QObject {
  Q_OBJECT
 public:
  AthleteDesk(HouseFile& house, QUndoGroup& undo, QDate today, QObject* parent = nullptr);
  ~AthleteDesk() override;

  // Loads the record and makes its undo steps the current ones. Who opens it shows it.
  bool open(AthleteId athlete);
  const AthleteRecord& record() const { return record_; }
  std::string today() const { return today_.toString(Qt::ISODate).toStdString(); }
  HouseFile& house() { return house_; }

  void edit(const QString& text, const AthleteRecord& after);
  // For steps of a view's own that should be undone in the same order.
  void push(QUndoCommand* command);
  void apply(const AthleteRecord& record);  // used by the undo steps

  // The athlete's sets with tracks, newest last.
  std::vector<SetRecord> sets() const;

 signals:
  void changed();
  void trouble(QString text);

 private:
  HouseFile& house_;
  QUndoGroup& undo_;
  QDate today_;
  AthleteRecord record_;
  std::map<AthleteId, std::unique_ptr<QUndoStack>> stacks_;
};

}  // namespace mottix
