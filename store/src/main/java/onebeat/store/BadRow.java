package onebeat.store;

/// A row of a camp file that nobody can make sense of. It is kept aside in the file, word for word.
///
/// @param place what it is one of, by the name of its table
/// @param why which column is wrong, and how
public record BadRow(String place, String why) {

    @Override
    public String toString() {
        return place.replace('_', ' ') + ", " + why;
    }
}
