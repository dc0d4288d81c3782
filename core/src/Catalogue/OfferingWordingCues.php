<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What tells offerings from the words around them, as regular expressions, from core/catalogue/brief/offering-wordings.yaml. */
final readonly class OfferingWordingCues
{
    public string $caredFor;
    public string $cares;
    public string $noObject;
    public string $counted;
    public string $limited;
    public string $notDone;
    public string $circumstance;
    public string $givenTo;
    public string $toWhom;
    public string $announced;
    public string $inClause;
    public string $ofPages;
    public string $asPages;
    public string $inTheMenu;
    public string $doneOnSite;
    public string $let;
    public string $groupOrPlace;
    public string $thereIs;
    public string $theirs;
    public string $aside;
    public string $placesListed;
    public string $since;
    public string $untilWhen;
    public string $occasions;
    public string $remarkAfterPair;
    public string $profession;
    public string $talk;
    public string $oneMore;
    public string $summedUp;
    public string $group;
    public string $spelledOut;
    public string $remarkBehind;
    public string $remark;
    public string $says;
    public string $noName;
    public string $excepted;
    public string $professionAndWhere;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $wordings, callable $expand)
    {
        $any = static fn (string $key): string => $expand('(?:'.implode('|', $wordings->strings($key)).')');
        $this->caredFor = $expand($wordings->string('cared_for'));
        $this->cares = $expand($wordings->string('cares'));
        $this->noObject = $any('no_object');
        $this->counted = $expand($wordings->string('counted'));
        $this->limited = $any('limited');
        $this->notDone = $any('not_done');
        $this->circumstance = $expand($wordings->string('circumstance'));
        $this->givenTo = $expand($wordings->string('given_to'));
        $this->toWhom = $expand($wordings->string('to_whom'));
        $this->announced = $expand($wordings->string('announced'));
        $this->inClause = $expand($wordings->string('in_clause'));
        $this->ofPages = $expand($wordings->string('of_pages'));
        $this->asPages = $any('as_pages');
        $this->inTheMenu = $expand($wordings->string('in_the_menu'));
        $this->doneOnSite = $any('done_on_site');
        $this->let = $expand($wordings->string('let'));
        $this->groupOrPlace = $expand($wordings->string('group_or_place'));
        $this->thereIs = $expand($wordings->string('there_is'));
        $this->theirs = $expand($wordings->string('theirs'));
        $this->aside = $any('aside');
        $this->placesListed = $expand($wordings->string('places_listed'));
        $this->since = $expand($wordings->string('since'));
        $this->untilWhen = $expand($wordings->string('until_when'));
        $this->occasions = $expand($wordings->string('occasions'));
        $this->remarkAfterPair = $expand($wordings->string('remark_after_pair'));
        $this->profession = $expand($wordings->string('profession'));
        $this->talk = $expand($wordings->string('talk'));
        $this->oneMore = $expand($wordings->string('one_more'));
        $this->summedUp = $expand($wordings->string('summed_up'));
        $this->group = $expand($wordings->string('group'));
        $this->spelledOut = $expand($wordings->string('spelled_out'));
        $this->remarkBehind = $expand($wordings->string('remark_behind'));
        $this->remark = $expand($wordings->string('remark'));
        $this->says = $any('says');
        $this->noName = $any('no_name');
        $this->excepted = $expand($wordings->string('excepted'));
        $this->professionAndWhere = $expand($wordings->string('profession_and_where'));
    }
}
