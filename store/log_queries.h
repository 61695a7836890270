// Reading the log without the films, by SQL alone. Throws SQLite::Exception, as all that HouseFile guards.
#pragma once

#include <vector>

#include "core/log/log_query.h"

namespace SQLite {
class Database;
}

namespace mottix {

// Oldest first.
std::vector<LogLine> readLogLines(SQLite::Database& db, const LogQuery& query);

}  // namespace mottix
