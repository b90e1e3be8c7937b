package keenfork.web.larder;

import java.util.List;

/// The packs of the larder as a page.
///
/// @param packs those that hold what is looked for
/// @param all   how many there are
/// @param inUse how many of them are in use
/// @param q     what is looked for, as typed
/// @param days  after how many days a pack is read again, as typed
/// @param wrong what is wrong with that; empty where nothing is
record LarderList(List<PackRowView> packs, int all, int inUse, String q, String days, String wrong) {}
