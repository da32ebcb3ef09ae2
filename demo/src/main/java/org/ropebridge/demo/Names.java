package org.ropebridge.demo;

import java.util.List;

/** The invented names of the demo. */
final class Names {
  static final List<String> VALLEYS = List.of("Ossel", "Brannick", "Quill", "Harrowmere", "Sey");
  static final List<String> HUTS =
      List.of(
          "Larkspur Hut",
          "Gneiss House",
          "Quill",
          "Col d'Argent",
          "Saint-Rémy Refuge",
          "Åsgard Hut",
          "Marmot Hut",
          "Tarn House",
          "Cairn Hut",
          "Alder Refuge",
          "Bracken Hut",
          "Curlew Hut",
          "Dipper House",
          "Edelweiss Hut",
          "Falcon Refuge",
          "Gentian Hut",
          "Heather House",
          "Ibex Hut",
          "Juniper Refuge",
          "Kestrel Hut",
          "Linnet House",
          "Moraine Hut",
          "Nettle Hut",
          "Ouzel House",
          "Pipit Refuge",
          "Quartz Hut",
          "Raven House",
          "Saxifrage Hut",
          "Thistle Hut",
          "Umber House",
          "Vetch Hut",
          "Wheatear Refuge",
          "Yarrow Hut",
          "Zephyr House",
          "Ashlar Hut",
          "Birch Refuge",
          "Clough Hut",
          "Driftwood House",
          "Ember Hut",
          "Fennel Hut",
          "Granite House",
          "Hollow-Way Hut",
          "Ironstone Hut",
          "Jackdaw Refuge",
          "Knoll House",
          "Lichen Hut",
          "Mica Hut",
          "Nightjar House",
          "Oriel Hut",
          "Peregrine Hut",
          "Rowan House",
          "Scree Hut",
          "Tormentil Hut",
          "Upland Refuge",
          "Veldt House",
          "Windgap Hut",
          "Yew Hut",
          "Sorrel House",
          "Basalt Hut",
          "Ptarmigan Refuge");
  static final List<String> WARDENS =
      List.of(
          "Mira Okonjo",
          "Tobin Vance",
          "Renna Sørli",
          "Iselin Marr",
          "Caspar Dunleavy",
          "Hedda Lind",
          "Ruben Achterberg",
          "Oona O'Brien",
          "Petra Vogt",
          "Ilse Tamm",
          "Noor Haddad",
          "Bram Castel",
          "Signe Aas",
          "Lorcan Daly",
          "Yara Benítez",
          "Tove Rask",
          "Emeka Obi",
          "Anouk Férat",
          "Jory Penrose",
          "Ketil Moe");
  static final List<String> FIRST =
      List.of(
          "Ada", "Bo", "Cleo", "Dara", "Eskil", "Fenna", "Goran", "Hanne", "Ivo", "Juna", "Kaj",
          "Lotte", "Milo", "Nadia", "Otis", "Pia", "Quentin", "Rosa", "Sander", "Tilda", "Ugo",
          "Vera", "Wim", "Xenia", "Yngve", "Zora", "André", "Bárbara", "Chloë", "Siân");
  static final List<String> LAST =
      List.of(
          "Abend",
          "Brook",
          "Cairns",
          "Dahl",
          "Everts",
          "Falk",
          "Grieve",
          "Holm",
          "Ingram",
          "Jansen",
          "Keller",
          "Lund",
          "Marlow",
          "Nyman",
          "O'Hara",
          "Pryce",
          "Quist",
          "Roos",
          "Stark",
          "Thorne",
          "Urban",
          "Vale",
          "Wolff",
          "Ytter",
          "Zeller",
          "Müller-Brandt",
          "Søndergaard",
          "D'Amico",
          "Lefèvre",
          "Birk",
          "Ashdown",
          "Castell",
          "Frost",
          "Hale");
  static final List<String> REGIONS =
      List.of("Lowmarch", "Northfold", "Estuary", "High Weald", "Saltcoast", "Kingsmere", "Abroad");
  static final List<String> CAUSES =
      List.of(
          "rockfall", "ice", "lightning", "fall", "illness", "lost party", "avalanche", "flood");
  static final List<String> MATERIALS =
      List.of("steel cable", "timber", "rope", "aluminium", "stone");
  static final List<String> INSPECTORS =
      List.of("Maren Holt", "Piet Arkwright", "Dilys Fenn", "Olav Strand", "Rhea Novak");
  static final List<String> FUELS = List.of("wood", "gas", "solar", "pellets");
  static final List<String> SUPPLIES =
      List.of("food", "gas bottles", "firewood", "mattresses", "medical kit", "tools");

  private Names() {}
}
