<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Planning\Pages\AlwaysPage;
use DunePocket\Plan\Planning\Pages\DownToTheNumber;
use DunePocket\Plan\Planning\Pages\FeaturePages;
use DunePocket\Plan\Planning\Pages\GoalPage;
use DunePocket\Plan\Planning\Pages\Hierarchy;
use DunePocket\Plan\Planning\Pages\MenuOrder;
use DunePocket\Plan\Planning\Pages\PageList;
use DunePocket\Plan\Planning\Pages\PagesBehind;
use DunePocket\Plan\Planning\Pages\PageStep;
use DunePocket\Plan\Planning\Pages\RequestedPages;
use DunePocket\Plan\Planning\Pages\RichOfferings;
use DunePocket\Plan\Planning\Pages\UpToTheNumber;
use DunePocket\Plan\Planning\Pages\UsualPages;
use DunePocket\Plan\Reason;

/** Decides which pages a site has: from requests, features, the goal, the offerings, the kind of business and the law. */
final readonly class PagePlanner
{
    private const HOME_RANK = 100;

    /** @var list<PageStep> in the order in which they are taken */
    private array $steps;

    public function __construct(private Catalogue $catalogue)
    {
        $this->steps = [
            new RequestedPages(),
            new FeaturePages(),
            new UsualPages(),
            new GoalPage(),
            new RichOfferings(),
            new AlwaysPage('contact', 'People need a way to get in touch.', [FactKind::ContactPhone, FactKind::ContactEmail]),
            new UpToTheNumber(),
            new AlwaysPage('privacy', 'A form collects personal data, so the law asks for this page.'),
            new DownToTheNumber(),
            new PagesBehind(),
            new Hierarchy(),
        ];
    }

    /**
     * @param ?PageRange $range the wished number of pages, if any
     *
     * @return list<PageDraft> in menu order, each after its parent
     */
    public function pages(Profile $profile, ?PageRange $range): array
    {
        $pages = new PageList($this->catalogue, $profile, $range);
        $pages->add(new PageDraft('home', 'Home', new Reason('Every site needs a page that says who this is and leads on.', $pages->facts(FactKind::BusinessName, FactKind::Goal)), asked: true, rank: self::HOME_RANK));
        foreach ($this->steps as $step) {
            $step->plan($pages);
        }

        return (new MenuOrder())->of($pages);
    }
}
