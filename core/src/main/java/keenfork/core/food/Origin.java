package keenfork.core.food;

/// Where a food comes from, as diets ask it. `FISH` is all that swims or clings: fish, crustaceans and molluscs.
public enum Origin { PLANT, FLESH, FISH, DAIRY, EGG, INSECT, FUNGUS, MINERAL, ALCOHOL }
