#include <iostream>

#include "cli/commands.h"

namespace mottix {

int exitCodeFor(Remedy remedy) {
  switch (remedy) {
    case Remedy::kFilmAgain:
    case Remedy::kMarkByHand:
      return kExitUnmeasurable;
    case Remedy::kCorrectInput:
      return kExitUsage;
    case Remedy::kChooseAnotherFile:
    case Remedy::kCheckDisk:
    case Remedy::kUpdateProgram:
    case Remedy::kCancelled:
      return kExitFile;
  }
  return kExitFile;
}

int report(const Error& error) {
  std::cerr << "mottix-cli: " << error.text << '\n';
  return exitCodeFor(error.remedy);
}

}  // namespace mottix

int main(int argc, char** argv) {
  CLI::App app{
      "Mottix: measures filmed squats, bench presses and deadlifts, judges them and suggests cue and load."};
  app.set_version_flag("--version", "mottix-cli 0.1.0");
  app.require_subcommand(1);
  app.footer(
      "Exit codes: 0 done; 2 wrong usage; 3 a file cannot be read or written; 4 cannot be measured.\n"
      "The program measures and suggests; it does not diagnose. Pain, dizziness or a known injury: stop, and "
      "see a\n"
      "licensed clinician. Safeties, collars and spotters first; local gym and federation rules come first.");
  int exit_code = 0;
  mottix::addAnalyseCommand(app, exit_code);
  mottix::addFilmCommand(app, exit_code);
  mottix::addFitCommand(app, exit_code);
  mottix::addAthleteCommand(app, exit_code);
  mottix::addDemoCommand(app, exit_code);
  mottix::addExchangeCommands(app, exit_code);
  mottix::addMeasuresCommand(app, exit_code);
  mottix::addPlatesCommand(app, exit_code);
  mottix::addLoadCommands(app, exit_code);
  mottix::addJudgeCommand(app, exit_code);
  mottix::addRulesCommand(app, exit_code);
  try {
    app.parse(argc, argv);
  } catch (const CLI::ParseError& e) {
    return app.exit(e) == 0 ? 0 : mottix::kExitUsage;
  }
  return exit_code;
}
