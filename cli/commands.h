// The command line's commands. Each returns the exit code: 0 done; 2 wrong usage; 3 a file cannot be read or
// written; 4 cannot be measured. Reasons go to standard error.
#pragma once

#include <CLI/CLI.hpp>

#include "core/base/error.h"

namespace mottix {

inline constexpr int kExitUsage = 2;
inline constexpr int kExitFile = 3;
inline constexpr int kExitUnmeasurable = 4;

int exitCodeFor(Remedy remedy);
// Prints the error and returns its exit code.
int report(const Error& error);

// Adds the command to `app`; when it is chosen, its exit code is stored in `exit_code`.
void addAnalyseCommand(CLI::App& app, int& exit_code);
void addFilmCommand(CLI::App& app, int& exit_code);
void addFitCommand(CLI::App& app, int& exit_code);
void addAthleteCommand(CLI::App& app, int& exit_code);
void addExchangeCommands(CLI::App& app, int& exit_code);  // export, import, take, …
void addDemoCommand(CLI::App& app, int& exit_code);
void addMeasuresCommand(CLI::App& app, int& exit_code);
void addPlatesCommand(CLI::App& app, int& exit_code);
void addLoadCommands(CLI::App& app, int& exit_code);  // next, plan
void addJudgeCommand(CLI::App& app, int& exit_code);
void addRulesCommand(CLI::App& app, int& exit_code);

}  // namespace mottix
