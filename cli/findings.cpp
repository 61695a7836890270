#include "cli/findings.h"

#include <iostream>

#include "report/wording.h"

namespace mottix {

void printFindings(const Judging& by, Lift lift, View view, const std::vector<Measure>& measures,
                   const std::vector<Finding>& findings) {
  const auto line = [](const QString& text) {
    if (!text.isEmpty()) std::cout << text.toStdString() << '\n';
  };
  line(judgedByWords(by.book));
  Analysis a;  // as far as the sentences need it
  a.measures = measures;
  a.findings = findings;
  a.view = view;
  CauseFacts facts = by.facts;
  facts.measures = &measures;
  facts.findings = &findings;
  for (const Finding& f : findings) {
    if (f.certainty == Certainty::kCantTell && !f.must) continue;
    line(findingHeading(f, by.book) + QStringLiteral(" [") + severityWords(f) + QStringLiteral("]: ") +
         findingDetail(f, by.book, measures));
    if (f.certainty != Certainty::kClear || f.rule != f.event) continue;
    for (const CauseCandidate& c : findCauses(builtInCauseBook(), f, facts))
      if (c.state != CauseState::kUnlikely)
        line(QStringLiteral("  %1 (%2): %3")
                 .arg(QString::fromStdString(c.cause->title), causeStateWords(c.state),
                      causeWords(c, by.book)));
  }
  line(cantTellWords(by.book, findings));
  line(inOrderWords(by.book, lift, a, by.set));
  line(unseenWords(by.book, lift, a, by.set));
  if (const auto cues = suggestCues(builtInCueBook(), findings, by.book); !cues.empty())
    line(QStringLiteral("Say: “%1”").arg(QString::fromStdString(cues.front().cue->words)));
}

}  // namespace mottix
