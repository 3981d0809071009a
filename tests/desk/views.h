// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "desk_fixture.h"

namespace fairchalk::desk {

/// Each stage and page of the window.
struct ViewsTest : DeskTest {
    struct View {
        std::string name;
        std::function<void()> go;
    };
    std::vector<View> views() {
        std::vector<View> out;
        for (Stage s : all_stages)
            out.push_back({std::string(name_of(s)), [this, s] {
                               window->showPage({});
                               window->setStage(s);
                           }});
        for (const auto& [id, name] : {std::pair(PageId::evening, "evening"),
                                       {PageId::record, "record"},
                                       {PageId::tires, "tires"},
                                       {PageId::shop, "shop"},
                                       {PageId::repair, "repair"},
                                       {PageId::card, "card"},
                                       {PageId::lock, "lock"},
                                       {PageId::tools, "tools"}})
            out.push_back({name, [this, id = id] { window->showPage({id}); }});
        out.push_back({"book", [this] { window->showShelf(); }});
        out.push_back({"copies", [this] { window->showCopies(); }});
        out.push_back({"practice", [this] { window->showPractice(); }});
        out.push_back({"history", [this] { key(Qt::Key_H, Qt::ControlModifier); }});
        out.push_back({"help", [this] { key(Qt::Key_F1); }});
        out.push_back({"preferences", [this] { window->showPreferences(); }});
        out.push_back({"terms", [this] { window->showTerms("toe"); }});
        return out;
    }
};

}  // namespace fairchalk::desk
