<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** How pages are asked for, as regular expressions, from core/catalogue/brief/page-wordings.yaml. */
final readonly class PageWordingCues
{
    public string $announcing;
    public string $announcingFirst;
    public string $announcingEach;
    public string $countAlone;
    public string $nameAlone;
    public string $beforeAskedList;
    public string $leadToList;
    public string $refusedAfter;
    public string $saysWhatIsThere;
    public string $aboutPages;
    public string $beforeFirstPage;
    public string $beforeList;
    public string $wishedList;
    public string $leadToFirst;
    public string $wantedBeforeMark;
    public string $calledInList;
    public string $listedAnew;
    public string $pointingBack;
    public string $oneAbout;
    public string $oneQuoted;
    public string $ownPage;
    /** @var list<string> */
    public array $ownPageTold;
    public string $pageAbout;
    public string $pageEachFor;
    public string $oneCalled;
    public string $goesOn;
    public string $namedWish;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $wordings, callable $expand)
    {
        $parts = [];
        foreach ($wordings->stringMap('parts') as $name => $words) {
            $parts['{'.$name.'}'] = $words;
        }
        $of = static fn (string $wording): string => $expand(strtr($wording, $parts));
        $any = static fn (string $key): string => $of('(?:'.implode('|', $wordings->strings($key)).')');
        $this->announcing = $any('announcing');
        $this->announcingFirst = $of($wordings->string('announcing_first'));
        $this->announcingEach = $of($wordings->string('announcing_each'));
        $this->countAlone = $of($wordings->string('count_alone'));
        $this->nameAlone = $of($wordings->string('name_alone'));
        $this->beforeAskedList = $any('before_asked_list');
        $this->leadToList = $of($wordings->string('lead_to_list'));
        $this->refusedAfter = $any('refused_after');
        $this->saysWhatIsThere = $any('says_what_is_there');
        $this->aboutPages = $any('about_pages');
        $this->beforeFirstPage = $of($wordings->string('before_first_page'));
        $this->beforeList = $any('before_list');
        $this->wishedList = $of($wordings->string('wished_list'));
        $this->leadToFirst = $of($wordings->string('lead_to_first'));
        $this->wantedBeforeMark = $of($wordings->string('wanted_before_mark'));
        $this->calledInList = $of($wordings->string('called_in_list'));
        $this->listedAnew = $of($wordings->string('listed_anew'));
        $this->pointingBack = $of($wordings->string('pointing_back'));
        $this->oneAbout = $of($wordings->string('one_about'));
        $this->oneQuoted = $of($wordings->string('one_quoted'));
        $this->ownPage = $of($wordings->string('own_page'));
        $this->ownPageTold = array_map($of, $wordings->strings('own_page_told'));
        $this->pageAbout = $of($wordings->string('page_about'));
        $this->pageEachFor = $of($wordings->string('page_each_for'));
        $this->goesOn = $of($wordings->string('goes_on'));
        $this->oneCalled = $of($wordings->string('one_called'));
        $this->namedWish = $of($wordings->string('named_wish'));
    }
}
