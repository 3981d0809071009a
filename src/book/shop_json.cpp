// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/shop_json.h"
#include "core/quantity/translatable.h"

#include <array>
#include <string>
#include <string_view>

namespace fairchalk::book {
namespace {

constexpr std::array<std::string_view, 3> beside_names = {"by-its-place", "this-job", "last-job"};

ShopSheet::Figure figure_at(const Node& n, const std::string& name) {
    const auto angle = car_angle_named(name);
    if (!angle)
        wrong(n.place(), {Code::job_unknown_word,
                          {name, listed(angles_of_a_car(), [](const CarAngle& a) { return a.name(); })}});
    ShopSheet::Figure f;
    static_cast<CarAngle&>(f) = *angle;
    const Quantity value = n.quantity(Expect::Kind::angle);
    f.value = value.angle();
    f.text = value.text;
    return f;
}

WheelAngle wheel_angle_from(const Node& n) {
    for (WheelAngle a : {WheelAngle::toe, WheelAngle::camber, WheelAngle::caster})
        if (n.text() == name_of(measure_of(a))) return a;
    wrong(n.place(), {Code::job_unknown_word, {n.text(), "toe, camber, caster"}});
}

}  // namespace

ShopSheet shop_sheet_from(const Node& n) {
    ShopSheet sheet;
    sheet.when =
        n["when"].word({"before", "after"}) == "before" ? ShopSheet::When::before : ShopSheet::When::after;
    const Node angles = n["angles"].object();
    for (const auto& [where, value] : angles.json().items()) {
        const Node at = angles[where.c_str()];
        if (!value.is_object()) {
            sheet.figures.push_back(figure_at(at, where));
            continue;
        }
        for (const auto& [measure, figure] : value.items()) {
            (void)figure;
            sheet.figures.push_back(figure_at(at[measure.c_str()], where + "." + measure));
        }
    }
    if (n.has("where")) sheet.where = n["where"].text();
    if (n.has("beside"))
        sheet.beside = n["beside"].named<ShopSheet::Beside>(
            [](std::string_view w) { return named<ShopSheet::Beside>(beside_names, w); },
            "by-its-place, this-job, last-job");
    return sheet;
}

void shop_sheet_json(const ShopSheet& sheet, Json& j) {
    j["when"] = sheet.when == ShopSheet::When::before ? "before" : "after";
    j["angles"] = Json::object();
    for (const ShopSheet::Figure& f : sheet.figures) {
        const std::string name = f.name();
        const auto dot = name.find('.');
        if (dot == std::string::npos)
            j["angles"][name] = f.text;
        else
            j["angles"][name.substr(0, dot)][name.substr(dot + 1)] = f.text;
    }
    if (!sheet.where.empty()) j["where"] = sheet.where;
    if (sheet.beside != ShopSheet::Beside::by_its_place)
        j["beside"] = beside_names[static_cast<std::size_t>(index_of(sheet.beside))];
}

BiasTaken bias_from(const Node& n) {
    BiasTaken bias;
    const Node list = n["angles"];
    for (std::size_t i = 0; i < list.list(); ++i) {
        const Node one = list[i].object();
        BiasTaken::One b;
        b.angle = wheel_angle_from(one["angle"]);
        if (one.has("sided")) b.sided = one["sided"].yes_no();
        if (one.has("axle")) b.axle = one["axle"].axle();
        b.value = Angle::from_deg(one["deg"].number());
        b.sigma = Angle::from_deg(one["sigma_deg"].number());
        if (!(b.sigma.deg() >= 0.0 && b.sigma.deg() < 10.0 && std::abs(b.value.deg()) < 10.0))
            wrong(one.place(),
                  {Code::job_wrong_type, {one.json().dump(), TR_NOOP("degrees, and a sigma_deg from 0")}});
        bias.all.push_back(b);
    }
    if (n.has("sheets")) bias.sheets = static_cast<int>(n["sheets"].number());
    return bias;
}

void bias_json(const BiasTaken& bias, Json& j) {
    j["angles"] = Json::array();
    for (const BiasTaken::One& b : bias.all) {
        Json one = {{"angle", name_of(measure_of(b.angle))}};
        if (b.sided) one["sided"] = true;
        if (b.axle) one["axle"] = name_of(*b.axle);
        one["deg"] = b.value.deg();
        one["sigma_deg"] = b.sigma.deg();
        j["angles"].push_back(std::move(one));
    }
    j["sheets"] = bias.sheets;
}

}  // namespace fairchalk::book
