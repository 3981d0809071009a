// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/demo.h"

#include "book/book.h"
#include "book/node.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {

std::optional<std::filesystem::path> demo_data() {
    std::error_code error;
    const auto program = std::filesystem::read_symlink("/proc/self/exe", error);
    for (const std::filesystem::path& at :
         {program.parent_path().parent_path() / "share" / "fair-chalk" / "demo",
          std::filesystem::path(FAIRCHALK_DEMO)})
        if (std::filesystem::exists(at / "garage" / "index.json", error)) return at;
    return std::nullopt;
}

void make_demo(const std::filesystem::path& to, const std::filesystem::path& data, UuidSource& ids) {
    std::error_code error;
    if (std::filesystem::exists(to, error))
        throw BookError(
            words::fill(TR_NOOP("{0} is there already: nothing was put over it."), {to.string()}));
    const Json index = parse_json(read_file(data / "garage" / "index.json"));
    const Node n(index, "");
    Book book(to);
    const Node jobs = n["jobs"];
    for (std::size_t i = 0; i < jobs.list(); ++i) {
        const JobFile job = read_job(data / jobs[i]["file"].text(), ids);
        book.import_job(job, jobs[i].has("title") ? jobs[i]["title"].text() : job.extras.value("title", ""),
                        ids);
    }
    book.set_name(n["name"].text());
}

}  // namespace fairchalk::book
