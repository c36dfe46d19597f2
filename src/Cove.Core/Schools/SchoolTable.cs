namespace Cove.Core.Schools;

/// <summary>The table of schools: what practitioners differ on, and the reasons they give. Which comes first is Cove's own choice.</summary>
public static class SchoolTable
{
    /// <summary>Every school.</summary>
    public static IReadOnlyList<School> All { get; } =
    [
        School.Of(
            "dust",
            "Dust first, or vacuum first?",
            "Nothing falls on a floor that is done already, and gel, or a brush with the nozzle beside it, lifts grit without rubbing it in.",
            "The order of every session.",
            ways => ways.Dust,
            (ways, value) => ways with { Dust = value },
            (
                DustSchool.DustFirst,
                "Dust first",
                "Gel and soft brush from the top down, then the vacuum, then the damp towel.",
                "Dust falls. Whatever comes loose above is picked up below, once."
            ),
            (
                DustSchool.VacuumFirst,
                "Vacuum first",
                "The vacuum over seats and floor, then dusting and wiping.",
                "Grit is gone before a cloth could draw it over trim; what dust falls later is little."
            )
        ),
        School.Of(
            "glass",
            "When is glass done?",
            "Nothing that comes after it can smear it again.",
            "The order of every session with glass in it.",
            ways => ways.Glass,
            (ways, value) => ways with { Glass = value },
            (
                GlassTurn.Last,
                "Last",
                "After dash, seats and protection, with towels kept for it.",
                "Overspray, dust and dressing land on glass; done last it stays clear."
            ),
            (
                GlassTurn.First,
                "First",
                "Before anything else but taking out the mats.",
                "Hands and towels are still clean, and nothing greasy has been opened."
            ),
            (
                GlassTurn.AfterVacuum,
                "After the vacuum",
                "Between vacuum and damp towel: the dash catches the drips and is wiped after.",
                "Whatever runs off the pane is wiped up with the dash."
            )
        ),
        School.Of(
            "zones",
            "Which way round the car?",
            "The fewest steps, while everything still goes from the top down.",
            "The walking order of every session, and the order of panes.",
            ways => ways.Zones,
            (ways, value) => ways with { Zones = value },
            (
                ZoneSchool.ShortestWalk,
                "Shortest way",
                "From the nearest door round the car.",
                "Saves minutes, most on long sessions."
            ),
            (
                ZoneSchool.NoseToTail,
                "Nose to tail",
                "Front doors, rear doors, boot.",
                "The same way each time: nothing is forgotten."
            ),
            (
                ZoneSchool.BootForward,
                "Boot, middle, front",
                "The boot first, the driver's place last.",
                "What was taken out can go back into a clean boot, and nobody climbs over finished seats."
            ),
            (
                ZoneSchool.DriverFirst,
                "Driver, passenger, rear, boot",
                "Place after place, the most used first.",
                "If time runs out, the places that count are done."
            )
        ),
        School.Of(
            "products",
            "One cleaner for all, or one per material?",
            "Fewer bottles are understood better, and mistakes are rarer. Screens, glass, leather care and fabric stay exceptions.",
            "Which products are chosen, and the smallest shelf.",
            ways => ways.Products,
            (ways, value) => ways with { Products = value },
            (
                ProductSchool.FewProducts,
                "Few products",
                "The fewest that do everything safely.",
                "A short shelf, used up before it ages."
            ),
            (
                ProductSchool.OnePerMaterial,
                "One per material",
                "The gentlest of all for each material.",
                "Each is made for its job and leaves just what it should."
            )
        ),
        School.Of(
            "screens",
            "How far to go with screens?",
            "A coating that is rubbed off does not come back, so the weakest goes first.",
            "What the screen step is done with.",
            ways => ways.Screens,
            (ways, value) => ways with { Screens = value },
            (
                ScreenSchool.GentlestFirst,
                "Gentlest first",
                "Dry, then damp, and further only by the maker's advice.",
                "Most marks go with the first or second step."
            ),
            (
                ScreenSchool.DryOnly,
                "Dry cloth only",
                "Never anything wet.",
                "Nothing can creep behind the glass."
            ),
            (
                ScreenSchool.Water,
                "Up to plain water",
                "A barely damp towel, then a dry one.",
                "Water leaves nothing behind."
            ),
            (
                ScreenSchool.DiluteRinseless,
                "Up to very dilute rinseless wash",
                "One part in thirty-two or less, on the towel.",
                "It lifts grease without streaks and takes the static away."
            ),
            (
                ScreenSchool.AlcoholDetailer,
                "Up to an alcohol-based detailer",
                "On the towel, seldom.",
                "Finger grease goes at one wipe and it dries at once."
            ),
            (
                ScreenSchool.GlassCleaner,
                "Up to glass cleaner on a cloth",
                "Free of ammonia, on the towel.",
                "It is at hand anyway, and many screens have a front of glass."
            )
        ),
        School.Of(
            "glassLiquid",
            "Cleaner or water on glass?",
            "Film, tint and heat differ from pane to pane, so the pane decides.",
            "The method of every pane.",
            ways => ways.GlassLiquid,
            (ways, value) => ways with { GlassLiquid = value },
            (
                GlassLiquid.ByFilm,
                "By the film",
                "The quickest way that gets the pane clear.",
                "Light soil needs no chemicals, oily film needs more than water."
            ),
            (
                GlassLiquid.Cleaner,
                "Cleaner",
                "A cleaner or soap water wherever that is safe.",
                "It takes finger grease and film in one go."
            ),
            (
                GlassLiquid.WaterOnly,
                "Water only",
                "Chamois or damp towel, again if need be.",
                "Nothing to breathe, nothing to leave streaks, safe on any tint."
            )
        ),
        School.Of(
            "fabric",
            "Cloth or brush on fabric?",
            "A brush costs about three times the effort, so it comes out only where a cloth is not enough.",
            "The method and minutes of fabric seats.",
            ways => ways.Fabric,
            (ways, value) => ways with { Fabric = value },
            (
                FabricSchool.BySoil,
                "By the soil",
                "The cloth while soil is light, foam and brush when it is heavy.",
                "Least effort and least wear for the same result."
            ),
            (
                FabricSchool.Brush,
                "Always the brush",
                "Foam, brush in circles, towel.",
                "It reaches what sits between the threads."
            ),
            (
                FabricSchool.Cloth,
                "Only the cloth",
                "Cleaner on a cloth, a second round where needed.",
                "The weave stays smooth and less water goes in."
            )
        ),
        School.Of(
            "finish",
            "Matte, satin or gloss?",
            "Matte does not glare, films the glass least and shows what clean plastic looks like.",
            "Which dressing is chosen for plastics. Wheel, pedals and upper dash never take gloss.",
            ways => ways.Finish,
            (ways, value) => ways with { Finish = value },
            (
                FinishSchool.Matte,
                "Bare or matte",
                "A dry, dull protectant, or none.",
                "No glare in the windscreen, no dust held."
            ),
            (FinishSchool.Satin, "Satin", "A silky protectant, buffed.", "Faded plastic looks fresher."),
            (
                FinishSchool.Gloss,
                "Gloss",
                "A shiny dressing where that is safe.",
                "Some like a cabin to gleam."
            )
        ),
        School.Of(
            "leather",
            "Cleaner and sealant, or one balm?",
            "A sound coat needs cleaning and a shield, not feeding; conditioner is for coats that are old and worn.",
            "Which leather tasks there are, and what they are done with.",
            ways => ways.Leather,
            (ways, value) => ways with { Leather = value },
            (
                LeatherSchool.CleanerThenSealant,
                "Cleaner, then sealant",
                "A mild cleaner monthly, a sealant every two to three months.",
                "Each does one thing and one can see when it is due."
            ),
            (
                LeatherSchool.Balm,
                "One-step balm",
                "A balm cleans, conditions and protects at once.",
                "Half the work, if the leather is good and only lightly soiled."
            )
        ),
        School.Of(
            "drying",
            "How does it get dry?",
            "A towel takes out most of the water in a minute; the air does the rest.",
            "Drying times in the running order.",
            ways => ways.Drying,
            (ways, value) => ways with { Drying = value },
            (
                DryingSchool.TowelThenAir,
                "Towel, then air",
                "Press and lift with a dry towel, then open doors.",
                "Dry within the session without any machine."
            ),
            (
                DryingSchool.Evaporate,
                "Air alone",
                "Left open until it is dry.",
                "Fewer towels to wash, if there is time and dry weather."
            ),
            (
                DryingSchool.Blower,
                "Blower",
                "Towel, then moving air along pile and seams.",
                "Water leaves seams and pile quickest."
            )
        ),
        School.Of(
            "steam",
            "Steam and compressed air?",
            "They help practised hands and harm the others, so they are left out until you say so.",
            "Whether methods with steam or compressed air are offered.",
            ways => ways.Steam,
            (ways, value) => ways with { Steam = value },
            (
                SteamSchool.Avoid,
                "Without",
                "Brush, gel and towel do it all.",
                "No scalds, no water in switches, no grit blown about."
            ),
            (
                SteamSchool.Welcome,
                "Welcome",
                "In short bursts, with switches covered and eyes shielded.",
                "Heat loosens film without chemicals; air reaches seams no brush does."
            )
        ),
        School.Of(
            "pile",
            "Lines in the carpet?",
            "They are a finish and no cleaning, so they are left out until you ask for them.",
            "The last step of vacuuming carpets.",
            ways => ways.Pile,
            (ways, value) => ways with { Pile = value },
            (
                PileSchool.AsItFalls,
                "As it falls",
                "The last pass of the nozzle is the finish.",
                "Nobody sees it under mats and feet."
            ),
            (
                PileSchool.Lines,
                "Lines",
                "A brush or the nozzle drawn over the pile once more, in even lanes.",
                "It shows at a glance what is done, and missed places with it."
            )
        ),
        School.Of(
            "scent",
            "A scent?",
            "A clean, dry cabin smells of nothing, and what scents is a matter of taste; scent never covers damp.",
            "Whether scent is part of the routine, and how it is changed.",
            ways => ways.Scent,
            (ways, value) => ways with { Scent = value },
            (ScentSchool.None, "None", "No scent, and no task for it.", "Clean air smells of nothing."),
            (
                ScentSchool.Pad,
                "A pad",
                "A scented pad under a seat, changed every two to three months.",
                "Faint, slow and out of sight."
            ),
            (
                ScentSchool.Clip,
                "A clip",
                "A few drops of oil on a clip at a vent.",
                "It can be taken off at once. The oil is not kept in a hot car."
            ),
            (
                ScentSchool.Intake,
                "The intake",
                "A spray into the intake in the footwell, fan full on recirculation, doors opened after.",
                "It reaches the ducts, where a smell may sit."
            )
        ),
        School.Of(
            "fold",
            "How do you fold a towel?",
            "Eight clean faces from one towel, and a pad that fits the hand.",
            "How many towels are wanted, and the faces you turn in a run.",
            ways => ways.Fold,
            (ways, value) => ways with { Fold = value },
            (
                FoldSchool.Quarters,
                "Quarters",
                "Twice in half: four faces on either side, eight in all.",
                "The most faces, and no edge under the fingertips."
            ),
            (
                FoldSchool.Thirds,
                "Thirds",
                "In three: three faces on either side, six in all.",
                "A longer pad for large flat surfaces."
            )
        ),
        School.Of(
            "outside",
            "Inside or outside of the car first?",
            "Cove does not know when you wash the car. It only matters for glass: the inside cannot be judged through a dirty outside.",
            "Whether a glass session begins with the outside of the panes.",
            ways => ways.Outside,
            (ways, value) => ways with { Outside = value },
            (
                OutsideSchool.Ask,
                "Remind me",
                "Cove reminds of the outside of the panes and plans no minutes for it.",
                "It depends on the day."
            ),
            (
                OutsideSchool.OutsideFirst,
                "Outside first",
                "The car has been washed when the inside begins.",
                "Wash water and grit that come in are cleaned up after."
            ),
            (
                OutsideSchool.InsideFirst,
                "Inside first",
                "The outside of the panes is wiped before their inside.",
                "Dust from the mats is washed off the paint after."
            )
        ),
    ];

    /// <summary>The order of a session in a few words, such as "Dust first, glass last".</summary>
    public static string OrderIn(WaysOfWorking ways) =>
        $"{Find("dust")!.In(ways).Name}, glass {Find("glass")!.In(ways).Name.ToLowerInvariant()}";

    /// <summary>Finds a school; null when there is none of that id.</summary>
    public static School? Find(string id) => All.FirstOrDefault(school => school.Id == id);
}
