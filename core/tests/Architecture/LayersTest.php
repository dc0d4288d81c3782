<?php

declare(strict_types=1);

namespace DunePocket\Tests\Architecture;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/** The layer rules of docs/architecture.md; PHPStan runs them. */
final class LayersTest
{
    #[TestRule]
    public function theCoreKnowsNeitherApplicationNorFramework(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('DunePocket'))
            ->excluding(Selector::inNamespace('DunePocket\App'), Selector::inNamespace('DunePocket\Tests'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('DunePocket\App'), Selector::inNamespace('Symfony'), Selector::inNamespace('Doctrine'), Selector::inNamespace('Psr'))
            ->excluding(Selector::inNamespace('Symfony\Component\Yaml'), Selector::inNamespace('Symfony\Component\String'))
            ->because('the job is understandable and testable without framework, database or HTTP');
    }

    #[TestRule]
    public function factsDoNotKnowThePlan(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('DunePocket\Brief'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('DunePocket\Plan'), Selector::inNamespace('DunePocket\Copy'), Selector::inNamespace('DunePocket\Wireframe'), Selector::inNamespace('DunePocket\Project'), Selector::inNamespace('DunePocket\Exchange'))
            ->because('a brief is read before there is a plan');
    }

    #[TestRule]
    public function thePlanDoesNotKnowWhoDrawsIt(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('DunePocket\Plan'), Selector::inNamespace('DunePocket\Project'), Selector::inNamespace('DunePocket\Copy'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('DunePocket\Wireframe'), Selector::inNamespace('DunePocket\Exchange'))
            ->because('facts, plan and wireframe never know who draws or writes them');
    }

    #[TestRule]
    public function drawingDoesNotKnowTheBrief(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('DunePocket\Wireframe'))
            ->shouldNotDependOn()
            ->classes(Selector::inNamespace('DunePocket\Brief'), Selector::inNamespace('DunePocket\Copy'), Selector::inNamespace('DunePocket\Project'), Selector::inNamespace('DunePocket\Exchange'))
            ->because('a section and its layout are all a drawing needs');
    }
}
