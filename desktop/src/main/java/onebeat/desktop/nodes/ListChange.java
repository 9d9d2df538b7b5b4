package onebeat.desktop.nodes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.collections.ObservableList;

/// Turns one list into another with few changes: what is in both, in the same order, is not touched. A node that
/// leaves its pane and comes back is styled anew, and of two drawings that follow one another nearly all is the same.
///
/// What stays is the longest part of the list that is in order already: its longest increasing subsequence
/// (C. Schensted, "Longest increasing and decreasing subsequences", Canadian Journal of Mathematics 13, 1961; from
/// memory), found by binary search.
final class ListChange {

    private ListChange() {}

    /// @param list   what is changed
    /// @param wanted what it is afterwards, each thing once
    static <T> void make(ObservableList<T> list, List<T> wanted) {
        if (list.equals(wanted)) {
            return;
        }
        boolean[] stays = inOrder(list, wanted);
        for (int to = stays.length; to > 0; to--) {
            int from = to;
            while (from > 0 && !stays[from - 1]) {
                from--;
            }
            if (from < to) {
                list.remove(from, to);
                to = from;
            }
        }
        int at = 0;
        while (at < wanted.size()) {
            if (at < list.size() && list.get(at).equals(wanted.get(at))) {
                at++;
                continue;
            }
            int end = at < list.size() ? at + wanted.subList(at, wanted.size()).indexOf(list.get(at)) : wanted.size();
            list.addAll(at, wanted.subList(at, end));
            at = end;
        }
    }

    /// Which places of the list hold what may stay.
    private static <T> boolean[] inOrder(List<T> list, List<T> wanted) {
        Map<T, Integer> place = new HashMap<>();
        for (int i = 0; i < wanted.size(); i++) {
            place.put(wanted.get(i), i);
        }
        int[] target = new int[list.size()];
        int[] before = new int[list.size()];
        // For each length, the place in the list where the part of this length ends that goes least far.
        List<Integer> ends = new ArrayList<>();
        for (int i = 0; i < target.length; i++) {
            target[i] = place.getOrDefault(list.get(i), -1);
            if (target[i] >= 0) {
                int length = lengthBefore(ends, target, target[i]);
                before[i] = length == 0 ? -1 : ends.get(length - 1);
                if (length == ends.size()) {
                    ends.add(i);
                } else {
                    ends.set(length, i);
                }
            }
        }
        boolean[] stays = new boolean[target.length];
        for (int i = ends.isEmpty() ? -1 : ends.getLast(); i >= 0; i = before[i]) {
            stays[i] = true;
        }
        return stays;
    }

    /// The length of the longest part so far that ends before a target.
    private static int lengthBefore(List<Integer> ends, int[] target, int wanted) {
        int low = 0;
        int high = ends.size();
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (target[ends.get(middle)] < wanted) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
