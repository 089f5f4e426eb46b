"""Writes scores.json: random questions in GIFT, an answer to each, and what it earns by Python's fractions.

The rules are worked out here once more, apart from the program. python3 make-scores.py [how many] > scores.json
"""
import json
import random
import sys
from decimal import Decimal
from fractions import Fraction

random.seed(20261128)
WORDS = ["wax", "honey", "pollen", "queen", "drone", "worker", "brood", "comb", "Straße", "Café"]


def share(written):
    """Five decimals stand for the fraction that they round, of 26 parts at most."""
    exact = Fraction(written)
    if len(written.partition(".")[2]) == 5:
        for parts in range(3, 27):
            near = Fraction(round(exact * parts / 100) * 100, parts)
            if abs(near - exact) <= Fraction(5, 10**6):
                return near
    return exact


def spelled(fraction):
    return f"{Decimal(fraction.numerator) / Decimal(fraction.denominator):.5f}".rstrip("0").rstrip(".")


def weights(rights, wrongs):
    kind = random.choice(["even", "even", "odd"])
    if kind == "even":
        return [spelled(Fraction(100, rights))] * rights, [spelled(Fraction(-100, wrongs))] * wrongs
    return [str(random.randint(1, 80)) for _ in range(rights)], [str(-random.choice([0, 10, 25, 50])) for _ in range(wrongs)]


def points():
    worth = random.choice(["1", "1", "2", "0.5", "3", "2.5", "10"])
    return worth, "" if worth == "1" else f"// ({worth} points)\n"


def case():
    worth, above = points()
    kind = random.choice(["choice", "boxes", "boxes", "truth", "typed", "number", "pairs"])
    words = random.sample(WORDS, 8)
    if kind == "choice":
        count = random.randint(2, 5)
        partly = random.choice([None, "50", "33.33333", "-25"])
        options = [f"={words[0]}"] + [f"~{word}" for word in words[1:count]]
        earns = [Fraction(100)] + [Fraction(0)] * (count - 1)
        if partly:
            options[1] = f"~%{partly}%{words[1]}"
            earns[1] = share(partly)
        at = random.randrange(count)
        return above + f"Which? {{{' '.join(options)}}}", "ABCDE"[at], max(earns[at], Fraction(0)), worth
    if kind == "boxes":
        rights, wrongs = random.randint(1, 4), random.randint(1, 4)
        plus, minus = weights(rights, wrongs)
        entries = list(zip(plus + minus, words))
        random.shuffle(entries)
        ticked = [index for index in range(len(entries)) if random.random() < 0.5]
        total = sum((share(entries[index][0]) for index in ticked), Fraction(0))
        answer = ["ABCDEFGH"[index] for index in ticked]
        return above + "Which? {" + " ".join(f"~%{weight}%{word}" for weight, word in entries) + "}", answer, min(max(total, Fraction(0)), Fraction(100)), worth
    if kind == "truth":
        right, given = random.random() < 0.5, random.random() < 0.5
        return above + f"It is so. {{{'T' if right else 'F'}}}", given, Fraction(100 if right == given else 0), worth
    if kind == "typed":
        partly = random.choice(["50", "66.66667", "10"])
        typed, earns = random.choice([(words[0], 100), (f"  {words[0].upper()} ", 100), (words[1], share(partly)), (words[2], 0), (f"{words[0]} x", 0)])
        return above + f"What? {{={words[0]} =%{partly}%{words[1]}}}", typed, Fraction(earns), worth
    if kind == "number":
        value, tolerance = Fraction(random.randint(-50, 50), 2), Fraction(random.randint(0, 8), 4)
        given = Fraction(random.randint(-120, 120), 4)
        near, wide = abs(given - value) <= tolerance, abs(given - value) <= tolerance + 5
        written = spelled(given)
        typed = random.choice([written, written.replace(".", ","), ("+" if given >= 0 else "") + written, written.replace("-", "\u2212")])
        return above + f"How many? {{#={spelled(value)}:{spelled(tolerance)} =%40%{spelled(value)}:{spelled(tolerance + 5)}}}", typed, Fraction(100 if near else 40 if wide else 0), worth
    count = random.randint(2, 4)
    given = random.sample(words[4:4 + count], count)
    right = sum(given[index] == words[4 + index] for index in range(count))
    return above + "Match. {" + " ".join(f"={words[index]} -> {words[4 + index]}" for index in range(count)) + "}", dict(zip(words[:count], given)), Fraction(100 * right, count), worth


cases = []
for _ in range(int(sys.argv[1]) if len(sys.argv) > 1 else 400):
    gift, answer, percent, worth = case()
    earned = percent / 100 * Fraction(worth)
    cases.append({"gift": gift, "answer": answer, "earned": str(earned)})
print("[\n" + ",\n".join(json.dumps(one, ensure_ascii=False) for one in cases) + "\n]")
