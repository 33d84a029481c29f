# Der Größenfinder.

must-be-no-more-than-the-pieces = muss zwischen 1 und der Zahl der Stücke liegen
kind-has-no-size-by-itself = hat für sich keine Größe; nimm eins von { $kinds }
must-be-less-than-the-width = muss weniger als die Breite sein; für ein Quadrat nimm das Quadrat aus zwei Dreiecken
sample-fabric = der { $number ->
    [first] erste
    [second] zweite
   *[third] dritte
} Stoff
