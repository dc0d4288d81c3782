<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;
use DunePocket\Data\Node;

/** The words that betray what a client means, from core/catalogue/brief. */
final readonly class Cues
{
    /** What may stand between what was said and the words that point back at it. */
    private const BEFORE_POINTING = '(?:[,;.]?\s*(?:and|so|because|but)?\s*(?:i (?:think|believe|guess|suppose) )?|\s[–—-]\s*)\b';

    /** @var list<CuePattern> */
    public array $patterns;

    public Topics $topics;

    public AnswerCues $answers;
    public ToldAnswers $toldAnswers;

    public TakingBack $takingBack;

    public PageNameCues $pageNames;
    public PageWordingCues $pageWordings;

    public OfferingNameCues $offeringNames;
    public OfferingWordingCues $offeringWordings;

    /** @var array<string, list<string>> patterns by goal, of what counts where something is wished for */
    public array $goals;

    /** @var array<string, list<string>> patterns by goal, of looser words that count where the aim is spoken of */
    public array $askedGoals;

    /** "The whole point of it is": the aim of the site is spoken of. */
    public Wordings $aim;
    /** "That's what it's for.": the aim was spoken of just before. */
    public Wordings $aimBefore;
    /** … of which the next sentence is the aim. */
    public Wordings $aimNext;
    /** "… is what we need most": the aim comes before it in the same sentence. */
    public Wordings $aimSaid;
    /** "We'd like people to": what visitors are to do. */
    public Wordings $visitorsDo;

    /** The voice is spoken of: "It should sound like a good neighbour." */
    public Wordings $aboutVoice;
    /** @var array<string, string> pattern by tone */
    public array $tones;

    /** @var array<string, Wordings> by feature: what counts where something is wished for */
    public array $features;

    /** @var array<string, string> pattern by feature, of the words for the feature itself */
    public array $namedFeatures;

    /** @var array<string, string> pattern by feature, of what is enough where it stands alone and features are asked for */
    private array $featuresAlone;

    /** What is said of somebody else's website, or of the old one. */
    public Wordings $elsewhere;
    /** What the present website does not do is nothing that is not wanted. */
    public Wordings $presentSiteLacks;

    /** @var array<string, Wordings> what offers, by kind */
    public array $offeringVerbs;

    /** @var list<string> patterns of sentences that name what is offered, in the groups `names` and `more` */
    public array $offeringFrames;

    /** What sentences say before what is offered is told one by one. */
    public string $announcingOfferings;
    /** A thing at the head of a sentence, in the group `names`. */
    public string $oneByOne;
    /** Such a thing that is nothing offered. */
    public string $otherHeads;

    /** @var array<string, string> by kind of fact: the label that asks for it in a questionnaire */
    public array $labels;

    /** @var list<RefusalWording> */
    public array $refusals;
    /** @var list<array{string, string}> pattern of what would be done with a thing, and what the thing is called */
    private array $refusedThings;
    /** What is said behind the name of a refused thing. */
    public string $afterRefusedName;
    /** What is said before it, in a sentence and where refusals are listed. */
    public string $beforeRefusedName;
    public string $beforeRefusedInList;
    /** What only websites have and clients often refuse, beside pages and features. */
    public string $siteThings;
    private string $ofTheSite;
    /** What is never refused as a page. */
    public string $noRefusals;
    /** A name and what the business of that name does. */
    public string $does;
    /** "installs heat pumps": what a business does, told without its name. */
    public string $doing;
    /** What is not wanted of a site without being a thing on it. */
    public string $noThings;

    /** What is told with the words for an audience and is nobody. */
    public string $nobody;
    /** A no before a thing that does not deny it. */
    public string $noNegation;
    /** What is said before a thing that was taken up again: "scrap what I said about news". */
    public string $takenUp;
    /** What denies the thing before it. */
    public string $negatedBehind;

    /** Words that name nothing that could be refused. */
    public string $namesNothing;
    /** "No fix no fee", "no name yet": terms of a business and what it has not got. */
    public string $terms;
    /** One way of doing what a feature does, which may be refused without the feature. */
    private string $gadgets;
    /** What is no longer offered. */
    public Wordings $givenUp;
    /** Sentences that offer nothing: what is given up, and what comes with a thing. */
    public string $nothingOffered;
    /** Agrees to everything the designer wrote in the message before. */
    public string $agreesToAll;
    public string $notOfferings;
    /** Where the words that tell what is offered end. */
    public string $offeringEnds;
    private string $blank;
    private string $signOff;
    private string $negation;
    public Wordings $wanting;
    public string $emphasis;
    /** "that's what people come for": what was just said sets them apart. */
    public string $pointingBack;

    /** Sentences whose next one says what sets them apart. */
    public string $pointingAhead;
    /** A word about the others. */
    public string $contrast;
    /** One's own doings. */
    public string $own;
    /** What people say of it. */
    public string $acclaim;
    public string $rare;
    /** What makes a sentence no claim. */
    public string $noClaim;
    /** Who may be customers and is no person, or is none by the dictionary: "schools", "mums". */
    public string $customers;
    /** Small words and signs that end a noun phrase. */
    public string $phraseEnds;

    /** @var list<array{string, ?string}> patterns of things that only websites have, each with its feature */
    public array $siteThingsByFeature;
    public Wordings $unwilling;
    public string $willing;
    /** What says no and means yes. */
    public string $afterAll;
    public string $money;
    /** Heads of columns in a table of what is offered: "Price". */
    public string $termsHead;
    /** People named by what they are, at the end of a phrase or before "who": "retired engineers". */
    public string $persons;
    /** What can prove something: a count, an award, a quotation, an accreditation. */
    public string $evidence;
    /** What proves something beside a yes: a count or a quotation. */
    public string $counted;
    /** "My answers are in your mail below" */
    public string $answersBelow;
    /** A postal address, over several lines or in one. */
    public string $addressLines;
    /** A time by which something is to be ready: "mid April", "the September intake", "15/03/2027". */
    public string $moment;
    /** A sum that is to be spent: "between 3 and 4 thousand pounds". */
    public string $sum;
    /** Somebody else at the head of an answer or further on in its list, by web address or name, in the group `named`. */
    public string $other;
    /** Somebody else wherever they are named. */
    public string $others;
    /** A proper name. */
    public string $name;

    /** @param Node $brief the files of core/catalogue/brief by name */
    public function __construct(Node $brief)
    {
        $cues = $brief->child('cues');
        $goals = $brief->child('goals')->entries();
        $features = $brief->child('features')->entries();
        $macros = [];
        foreach ($cues->child('macros')->entries() as $name => $macro) {
            $macros['{'.$name.'}'] = $macro->isArray() ? Alternation::of(array_map(static fn (Node $word): string => $word->asString(), $macro->items())) : strtr($macro->asString(), $macros);
        }
        $expand = static fn (string $pattern): string => '~'.str_replace('~', '\~', strtr($pattern, $macros)).'~iu';
        $any = static fn (string $key): string => $expand('(?:'.implode('|', $cues->strings($key)).')');
        $this->patterns = array_map(static fn (Node $node): CuePattern => new CuePattern(
            $node->enum('kind', FactKind::class),
            $node->float('certainty'),
            $node->string('value', 'phrase'),
            $node->string('in', 'spoken'),
            $expand($node->string('find')),
            $node->has('unless') ? $expand($node->string('unless')) : null,
            $node->string('prefix', ''),
        ), $brief->child('patterns')->children('patterns'));
        $this->topics = new Topics($brief->child('topics'), $expand);
        $this->pageNames = new PageNameCues($brief->child('page-names'), $expand);
        $this->pageWordings = new PageWordingCues($brief->child('page-wordings'), $expand);
        $this->offeringWordings = new OfferingWordingCues($brief->child('offering-wordings'), $expand);
        $this->offeringNames = new OfferingNameCues($brief->child('offering-names'), $expand);
        $this->toldAnswers = new ToldAnswers($brief->child('told-answers'), $expand);
        $this->answers = new AnswerCues($brief->child('answers'), $expand);
        $this->takingBack = new TakingBack($brief->child('taking-back'), $expand);
        $this->goals = array_map(static fn (Node $goal): array => (new Wordings($goal->strings('cues'), $expand))->few, $goals);
        $this->askedGoals = array_map(static fn (Node $goal): array => (new Wordings($goal->strings('asked'), $expand))->few, $goals);
        $this->aim = new Wordings($cues->strings('aim'), $expand);
        $this->aimBefore = new Wordings($cues->strings('aim_before'), $expand);
        $this->aimNext = new Wordings($cues->strings('aim_next'), $expand);
        $this->aimSaid = new Wordings($cues->strings('aim_said'), $expand);
        $this->visitorsDo = new Wordings($cues->strings('visitors_do'), $expand);
        $this->aboutVoice = new Wordings($cues->strings('about_voice'), $expand);
        $this->tones = array_map(static fn (Node $tone): string => $expand('\b(?:'.implode('|', array_map(static fn (Node $word): string => $word->asString(), $tone->items())).')(?:ly)?\b'), $brief->child('tones')->entries());
        $this->features = array_map(static fn (Node $feature): Wordings => new Wordings([...$feature->strings('named'), ...$feature->strings('cues')], $expand), $features);
        $this->namedFeatures = array_map(static fn (Node $feature): string => $expand('(?:'.implode('|', $feature->strings('named')).')'), $features);
        $this->featuresAlone = array_map(static fn (Node $feature): string => $expand('^(?:an? |the |our )?(?:'.implode('|', $feature->strings('alone')).')(?: please| yes)?$'), $features);
        $this->elsewhere = new Wordings($cues->strings('elsewhere'), $expand);
        $this->presentSiteLacks = new Wordings($cues->strings('present_site_lacks'), $expand);
        $refusals = $brief->child('refusals');
        $said = [
            ...array_map(static fn (string $said): string => '{HEAD}(?<names>{SUBJECT}(?:(?:,| and| or) {ARTICLE}{SUBJECT}){0,3})(?: thing| idea| bit)?(?: (?:on|at|from|in|of|with|for) [^.,;!?]{3,30}?)?,? '.$said, $refusals->strings('said_of')),
            ...array_map(static fn (string $said): string => $said.'\\s+{ARTICLE}(?<names>{THING}(?:(?:,| and| or) (?:an? |the )?{THING}){0,3})(?=\\s*[.,;!?]|$| (?:on|off|out|from|in|for|was|were|at|with|because|as|so|and|to)\\b)', $refusals->strings('said_to')),
        ];
        $raised = array_map(static fn (string $raised): string => '\\b'.$raised.'\\s+(?:having |adding |putting (?:up|in) |us having |the idea of |one of (?:those|these) )?{ARTICLE}(?:pages? (?:of|for|about|on) (?:the |our )?)?(?<names>(?!(?:that|to|it|this|we|whether|if|them|some|something)\\b){THING}(?:(?:,| and| or) (?:an? |the )?{THING})??)(?=\\s*[.,;!?–-]|$| (?:for|at|on|in|but|and|so|because|before|once|where|which|as)\\b)', $refusals->strings('raised'));
        $this->refusals = [
            ...array_map(static fn (string $wording): RefusalWording => new RefusalWording($expand($wording), false), $said),
            ...array_map(static fn (string $wording): RefusalWording => new RefusalWording($expand($wording), true, true), $raised),
            ...array_map(static fn (Node $node): RefusalWording => new RefusalWording($expand($node->string('find')), $node->bool('sure', false), $node->bool('taken_back', false)), $refusals->children('refusals')),
        ];
        $this->refusedThings = array_map(static fn (Node $thing): array => [$expand($thing->string('find')), $thing->string('name')], $refusals->children('called'));
        $this->beforeRefusedName = $expand('^(?:(?:'.implode('|', [...$refusals->strings('before_name'), ...$refusals->strings('before_told')]).')\s+)+');
        $this->beforeRefusedInList = $expand('^(?:(?:'.implode('|', [...$refusals->strings('before_name'), ...$refusals->strings('before_listed')]).')\s+)+');
        $this->afterRefusedName = $expand('\s+(?:'.implode('|', $refusals->strings('after_name')).')');
        $unwilling = $brief->child('unwilling');
        $this->siteThingsByFeature = array_map(static fn (Node $thing): array => [$expand($thing->string('find')), $thing->has('feature') ? $thing->string('feature') : null], $unwilling->children('things'));
        $this->unwilling = new Wordings($unwilling->strings('unwilling'), $expand);
        $this->willing = $expand('(?:'.implode('|', [...$unwilling->strings('willing'), ...$unwilling->strings('after_all')]).')');
        $this->afterAll = $expand('(?:'.implode('|', $unwilling->strings('after_all')).')');
        $this->siteThings = $expand('(?:'.implode('|', [...$cues->strings('site_things'), ...array_map(static fn (Node $thing): string => $thing->string('find'), $unwilling->children('things'))]).')');
        $this->noRefusals = $any('no_refusals');
        $this->ofTheSite = $any('of_the_site');
        $this->doing = $expand('^(?:(?:now|mainly|mostly|also) )?(?-i:(?=\p{Ll})){DOES}\s');
        $this->does = $expand('^{NAME}\s+(?:now |also |mainly )?(?:{DOES}|helps|serves|supports)\s');
        $this->nobody = $any('nobody');
        $this->noNegation = $any('no_negation');
        $this->takenUp = $expand($cues->string('taken_up'));
        $this->negatedBehind = $any('negated_behind');
        $this->noThings = $any('no_things');
        $this->namesNothing = $expand('(?:'.implode('|', $refusals->strings('names_nothing')).')');
        $this->terms = $any('terms');
        $this->gadgets = $any('gadgets');
        $this->offeringVerbs = array_map(static fn (Node $verbs): Wordings => new Wordings(array_map(static fn (Node $verb): string => $verb->asString(), $verbs->items()), $expand), $cues->child('offering_verbs')->entries());
        $frames = $brief->child('offering-frames');
        $parts = array_combine(array_map(static fn (string $part): string => '{'.$part.'}', array_keys($frames->stringMap('parts'))), $frames->stringMap('parts'));
        $this->offeringFrames = array_map(static fn (string $frame): string => $expand(strtr($frame, $parts)), $frames->strings('frames'));
        $oneByOne = array_combine(array_map(static fn (string $part): string => '{'.$part.'}', array_keys($frames->stringMap('one_by_one_parts'))), $frames->stringMap('one_by_one_parts'));
        $this->oneByOne = $expand(strtr(implode('|', $frames->strings('one_by_one')), $oneByOne));
        $this->otherHeads = $expand($frames->string('other_heads'));
        $this->announcingOfferings = $expand('(?:'.implode('|', $frames->strings('announcing')).')');
        $this->givenUp = new Wordings($cues->strings('given_up'), $expand);
        $this->nothingOffered = $expand('(?:'.implode('|', [...$cues->strings('given_up'), ...$cues->strings('comes_with')]).')');
        $this->agreesToAll = $any('agrees_to_all');
        $this->notOfferings = $any('not_offerings');
        $this->offeringEnds = $any('offering_ends');
        $this->labels = $cues->stringMap('labels');
        $blank = '(?:'.implode('|', $cues->strings('blank')).')'.$cues->string('blank_behind');
        $this->blank = $expand('^(?:'.$cues->string('blank_before').$blank.'(?:[,;.…!–-]+\s*(?:but |and |so )?'.$blank.')*)?[.!…]*$');
        $this->signOff = $expand($cues->string('sign_off'));
        $this->negation = $any('negation');
        $this->wanting = new Wordings($cues->strings('wanting'), $expand);
        $this->pointingBack = $expand(self::BEFORE_POINTING.'(?:'.implode('|', $cues->strings('pointing_back')).')[^.!?\n]*');
        $this->contrast = $any('contrast');
        $this->own = $any('own');
        $this->acclaim = $any('acclaim');
        $this->rare = $any('rare');
        $this->noClaim = $any('no_claim');
        $this->customers = $expand('^(?:'.strtr($cues->string('customers'), [' ' => '|']).')$');
        $this->phraseEnds = $expand('\b(?:'.strtr($cues->string('phrase_ends'), [' ' => '|']).')\b(?![\'’]?s\b)|[,;:.!?()"“”&+\/–—]|\s-\s|[\'’](?:s|re|ve|ll|d|m|t)\b|[£$€]\S*');
        $this->pointingAhead = $any('pointing_ahead');
        $this->emphasis = $any('emphasis');
        $this->name = $expand('{NAME}');
        $this->evidence = $any('evidence');
        $this->counted = $any('counted');
        $this->answersBelow = $any('answers_below');
        $this->addressLines = $expand('(?:(?:Unit|Suite|Flat|Studio)\s+\w+,?\s+)?\b{STREET}(?:,?\s*\n\s*[\p{L}’\'., -]{2,50}){0,3},?\s*(?:{UK_POSTCODE}|(?-i:[A-Z]{2})\s+\d{5}\b)');
        $this->moment = $expand('{WHEN}');
        $this->sum = $expand('{SUMS}');
        $this->others = $expand('{ADDRESS}|{OTHER_NAME}');
        $this->other = $expand('(?:^|[,;\n]|\.\s|\b(?:and|or)\b)\W*(?:(?:mainly|mostly|probably|maybe|i like|we like|i love|we love|also) )*(?<named>{ADDRESS}|{OTHER_NAME})');
        $this->persons = $expand('^(?:[\p{L}\d\'’-]+\s+){0,3}{PERSONS}(?:\s+(?:who|with|in|from|at|of|without|over|under|mostly|mainly|too|turning|looking|after|for|to|everywhere|living|coming|moving|needing|wanting)\b.*)?$');
        $this->termsHead = $expand($cues->string('terms_head'));
        $this->money = $expand('(?:from |around |about )?{MONEY}(?:\s*(?:-|–|to)\s*{MONEY})?(?:\s*(?:(?:per|a|an|each|for(?! the\b)(?: an?)?)\b|\/)\s*(?:\d+\s*)?[\p{L}]+(?:\s(?:minutes|min|mins|hours|people))?)?');
    }

    /** What a heading, label or question asks for: a fact kind's value, "competitor", or null. */
    public function topic(string $text): ?string
    {
        return $this->topics->of($text);
    }

    /** "Carousels": something that only websites have, and nothing beside it. */
    public function isSiteThing(string $words): bool
    {
        return 1 === preg_match($this->siteThings, $words, $m) && mb_strlen(trim($words)) - mb_strlen($m[0]) < 2;
    }

    public function isBlank(string $answer): bool
    {
        return 1 === preg_match($this->blank, trim($answer));
    }

    /** The feature that a word asks for where features are asked for; null when it asks for none. */
    public function featureAlone(string $word): ?string
    {
        return self::first($this->featuresAlone, rtrim($word, " \n.!"));
    }

    /** Whether a feature is called by its name in the words. */
    public function namesFeature(string $words): bool
    {
        return null !== $this->featureNamed($words);
    }

    /** The first feature that is called by its name in the words; null when none is. */
    public function featureNamed(string $words): ?string
    {
        return self::first($this->namedFeatures, $words);
    }

    /** Whether one of the words for a tone of voice stands in the words. */
    public function namesTone(string $words): bool
    {
        return null !== self::first($this->tones, $words);
    }

    /** The feature that a refusal of this name refuses: "no quote calculator" leaves the form for quotes alone. */
    public function featureRefused(?string $feature, string $name): ?string
    {
        return 1 === preg_match($this->gadgets, $name) ? null : $feature;
    }

    /** "Sell anything online" refuses an online shop. */
    public function nameRefused(string $words): string
    {
        foreach ($this->refusedThings as [$pattern, $name]) {
            if (1 === preg_match($pattern, $words)) {
                return $name;
            }
        }

        return $words;
    }

    public function isSignOff(string $line): bool
    {
        return 1 === preg_match($this->signOff, trim($line));
    }

    /** "We don't do small jobs anymore": something no longer offered, which says nothing of the site. */
    public function isGivenUp(string $sentence): bool
    {
        return $this->givenUp->standIn($sentence) && 1 !== preg_match($this->ofTheSite, $sentence);
    }

    public function isNegated(string $words): bool
    {
        return 1 === preg_match($this->negation, $words);
    }

    /**
     * @param array<string, string> $patterns by what each stands for
     *
     * @return ?string what the first that matches stands for
     */
    private static function first(array $patterns, string $words): ?string
    {
        foreach ($patterns as $meaning => $pattern) {
            if (1 === preg_match($pattern, $words)) {
                return $meaning;
            }
        }

        return null;
    }
}
