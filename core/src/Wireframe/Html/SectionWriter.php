<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Arrangement;
use DunePocket\Wireframe\Arranger;
use DunePocket\Wireframe\Element\Align;
use DunePocket\Wireframe\Element\Columns;
use DunePocket\Wireframe\Element\Dress;
use DunePocket\Wireframe\Element\Element;
use DunePocket\Wireframe\Element\Overlay;
use DunePocket\Wireframe\Element\Panel;
use DunePocket\Wireframe\Element\Stack;
use DunePocket\Wireframe\Element\Tiles;
use DunePocket\Wireframe\Element\Wrap;

/**
 * Writes a section as HTML, and what it looks like into a style sheet. It follows the same rules as the composer: what that
 * computes, a browser shows.
 */
final class SectionWriter
{
    private Arranger $arranger;
    private LeafWriter $leaves;
    private string $block = '';
    private string $variant = '';

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Naming $naming,
        private readonly StyleSheet $sheet,
        Links $links = new NoLinks(),
        bool $marked = false,
    ) {
        $this->arranger = new Arranger();
        $this->leaves = new LeafWriter($links, $marked, $this->named(...));
    }

    /**
     * @param Section $section with its copy; a reference to a shared section must be resolved first
     * @param ?string $id      of the element, for links to it
     */
    public function write(Section $section, ?string $id = null): string
    {
        $layout = $this->catalogue->layout($section->layout);
        $kind = $this->catalogue->sectionKind($section->kind);
        $arrangement = $this->arranger->arrange($section, $layout);
        $this->block = $section->kind;
        $this->variant = preg_replace('/^[^.]*\.|[^a-z0-9-]/', '', $section->layout) ?? '';
        $this->leaves->begin($section, $kind);
        $look = $section->look->toArray();
        $this->variant .= [] === $look ? '' : '-'.substr(hash('xxh32', json_encode($look, \JSON_THROW_ON_ERROR)), 0, 4);
        $inside = null === $arrangement->content ? '' : $this->element($arrangement->content);
        $inner = Tag::of($kind->form ? 'form' : 'div', ['class' => $this->named('inner', $this->innerRules($arrangement)), 'action' => $kind->form ? '#' : null], $inside);
        $tag = match ($section->kind) {
            'site-header' => 'header',
            'site-footer' => 'footer',
            default => 'section',
        };

        return Tag::of($tag, [
            'class' => $this->naming->section($this->block, $this->variant, $this->sectionRules($arrangement), $this->sheet),
            'id' => $id,
            'aria-label' => 'section' === $tag ? $section->title : null,
        ], $inner);
    }

    private function named(string $part, Rules $rules): string
    {
        return $this->naming->part($this->block, $this->variant, $part, $rules, $this->sheet);
    }

    private function sectionRules(Arrangement $arrangement): Rules
    {
        [$desktop, $tablet, $phone] = $arrangement->padding;
        $rules = new Rules(['padding-block' => "{$desktop}px"], ['padding-block' => "{$tablet}px"], ['padding-block' => "{$phone}px"]);
        $rules = match ($arrangement->fill) {
            'sand' => $rules->with(['background' => 'var(--sand)']),
            'dark' => $rules->with(['background' => 'var(--graphite)', 'color' => 'var(--paper)']),
            default => $rules,
        };
        if (null !== $arrangement->rule) {
            $rules = $rules->with(["border-{$arrangement->rule}" => '1px solid var(--line)']);
        }

        return $arrangement->full ? $rules->with(['display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)', 'align-content' => 'center', 'min-height' => '100vh']) : $rules;
    }

    private function innerRules(Arrangement $arrangement): Rules
    {
        return new Rules(['width' => "min(100% - 2 * var(--margin), {$arrangement->max}px)", 'margin-inline' => 'auto']);
    }

    /** @param array<string, string> $placing what the parent says about where it stands */
    private function element(Element $element, array $placing = []): string
    {
        return match (true) {
            $element instanceof Stack => $this->stack($element, $placing),
            $element instanceof Columns => $this->columns($element, $placing),
            $element instanceof Tiles => $this->tiles($element, $placing),
            $element instanceof Wrap => $this->wrap($element, $placing),
            $element instanceof Panel => $this->panel($element, $placing),
            $element instanceof Overlay => $this->overlay($element, $placing),
            default => $this->leaves->write($element, $placing),
        };
    }

    /** @return array<string, string> */
    private static function stackRules(Stack $stack): array
    {
        $rules = ['display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)', 'align-content' => 'start', 'gap' => "{$stack->gap}px"];

        return null === $stack->width ? $rules : [...$rules, 'width' => '100%', 'max-width' => "{$stack->width}px", 'justify-self' => $stack->align->value];
    }

    /** @param array<string, string> $placing */
    private function stack(Stack $stack, array $placing): string
    {
        return Tag::of('div', ['class' => $this->named('stack', new Rules([...self::stackRules($stack), ...$placing]))], $this->all($stack->children));
    }

    /** @param list<Element> $elements */
    private function all(array $elements): string
    {
        return implode('', array_map(fn (Element $element): string => $this->element($element), $elements));
    }

    /** @param array<string, string> $placing */
    private function columns(Columns $columns, array $placing): string
    {
        $tracks = implode(' ', array_map(static fn (?int $share): string => null === $share ? 'fit-content(60%)' : "minmax(0, {$share}fr)", $columns->tracks));
        $rules = (new Rules(['display' => 'grid', 'grid-template-columns' => $tracks, 'gap' => "min({$columns->gap}px, var(--widest-gap))", 'align-items' => $columns->across->value, ...$placing]))
            ->below($columns->fold, ['grid-template-columns' => 'minmax(0, 1fr)', 'gap' => min($columns->gap, 28).'px']);
        $moved = $columns->order !== range(0, \count($columns->order) - 1);
        $inside = '';
        foreach ($columns->children as $i => $child) {
            $order = (string) $columns->order[$i];
            $place = $moved ? (new Rules(['order' => $order]))->below($columns->fold, ['order' => '0']) : new Rules();
            $cell = null === $child ? '' : $this->element($child);
            $folds = null === $child && null !== $columns->fold;
            $place = $folds ? $place->below($columns->fold, ['display' => 'none']) : $place;
            $inside .= $place->isEmpty() && null !== $child ? $cell : Tag::of('div', ['class' => $this->named('cell', $place->with(['min-width' => '0', 'display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)']))], $cell);
        }

        return Tag::of('div', ['class' => $this->named('columns', $rules)], $inside);
    }

    /** @param array<string, string> $placing */
    private function tiles(Tiles $tiles, array $placing): string
    {
        $count = \count($tiles->items);
        [$desktop, $tablet, $phone] = array_map(static fn (int $columns): string => 'repeat('.max(1, min($count, $columns)).', minmax(0, 1fr))', $tiles->columns);
        if ([] !== $tiles->pattern) {
            $desktop = $tablet = 'repeat(12, minmax(0, 1fr))';
        }
        $rules = new Rules(
            ['display' => 'grid', 'grid-template-columns' => $desktop, 'gap' => "min({$tiles->gap}px, var(--widest-tile-gap))", ...$placing],
            $tablet === $desktop ? [] : ['grid-template-columns' => $tablet],
            $phone === $tablet || null !== $tiles->rail ? [] : ['grid-template-columns' => $phone],
        );
        $rules = $rules->below($tiles->rail, ['grid-template-columns' => 'none', 'grid-auto-flow' => 'column', 'grid-auto-columns' => '78%', 'overflow-x' => 'auto']);
        $inside = '';
        foreach ($tiles->items as $i => $item) {
            $inside .= Tag::of('li', ['class' => $this->named('tile', $this->tileRules($tiles, $item, $i))], $this->all($item->children));
        }

        return Tag::of('ul', ['class' => $this->named('tiles', $rules), 'tabindex' => null === $tiles->rail ? null : '0'], $inside);
    }

    private function tileRules(Tiles $tiles, Stack $item, int $at): Rules
    {
        $rules = new Rules(self::stackRules($item));
        if ([] !== $tiles->pattern) {
            $rules = $rules->with(['grid-column' => 'span '.self::span($tiles->pattern, $at)])->below('phone', ['grid-column' => 'auto']);
        }
        $above = min(18, $tiles->gap) - 1;

        return match ($tiles->dress) {
            Dress::Frame => $rules->with(['padding' => '19px', 'border' => '1px solid var(--line)', 'background' => 'var(--paper)', 'color' => 'var(--ink)']),
            Dress::Rule => $rules->with(['padding-top' => "{$above}px", 'border-top' => '1px solid var(--line)'])->below('phone', ['padding-top' => (min(18, min(20, $tiles->gap)) - 1).'px']),
            Dress::Plain => $rules,
        };
    }

    /** @param list<int> $pattern */
    private static function span(array $pattern, int $at): int
    {
        for ($row = 0;; ++$row) {
            $columns = max(1, $pattern[$row % \count($pattern)]);
            if ($at < $columns) {
                return intdiv(12, $columns);
            }
            $at -= $columns;
        }
    }

    /** @param array<string, string> $placing */
    private function wrap(Wrap $wrap, array $placing): string
    {
        $rules = new Rules(['display' => 'flex', 'flex-wrap' => 'wrap', 'align-items' => 'flex-start', 'gap' => "10px {$wrap->gap}px", 'justify-content' => match ($wrap->align) {
            Align::Start => 'flex-start',
            Align::Center => 'center',
            Align::End => 'flex-end',
        }, ...$placing]);
        if (!\in_array($this->block, ['site-header', 'site-footer', 'breadcrumb'], true) || !$this->leaves->areItems($wrap->children)) {
            return Tag::of('div', ['class' => $this->named('wrap', $rules)], $this->all($wrap->children));
        }
        $label = match ($this->block) {
            'site-header' => 'Main menu',
            'site-footer' => 'Further pages',
            default => 'Where you are',
        };
        $items = implode('', array_map(fn (Element $element): string => Tag::of('li', [], $this->element($element)), $wrap->children));
        $list = Tag::of('ul', ['class' => $this->named('menu', $rules->below($wrap->hide, ['display' => 'none']))], $items);
        $sign = null === $wrap->hide ? '' : Tag::of('button', [
            'class' => $this->named('menu-sign', (new Rules(['display' => 'none']))->below($wrap->hide, ['display' => 'block', 'justify-self' => $wrap->align->value])),
            'type' => 'button',
            'aria-label' => 'Menu',
            'aria-expanded' => 'false',
            'data-menu' => '',
        ]);

        return Tag::of('nav', ['aria-label' => $label, 'class' => $this->named('navigation', new Rules(['display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)']))], $sign.$list);
    }

    /** @param array<string, string> $placing */
    private function panel(Panel $panel, array $placing): string
    {
        $rules = new Rules(['padding' => "calc(min({$panel->padding}px, var(--widest-padding)) - 1px)", 'border' => '1px solid '.('dark' === $panel->fill ? 'var(--graphite)' : 'var(--line)'), 'display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)', ...$placing]);
        $rules = match ($panel->fill) {
            'paper' => $rules->with(['background' => 'var(--paper)', 'color' => 'var(--ink)']),
            'sand' => $rules->with(['background' => 'var(--sand)', 'color' => 'var(--ink)']),
            'dark' => $rules->with(['background' => 'var(--graphite)', 'color' => 'var(--paper)']),
            default => $rules,
        };

        return Tag::of('div', ['class' => $this->named('panel', $rules)], $this->stack($panel->content, []));
    }

    /** @param array<string, string> $placing */
    private function overlay(Overlay $overlay, array $placing): string
    {
        [$desktop, $tablet, $phone] = array_map(static fn (int $height): string => $height.'px', $overlay->height);
        $grid = (new Rules(['display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)', 'min-height' => $desktop, ...$placing], ['min-height' => $tablet], ['min-height' => $phone]))
            ->below($overlay->fold, ['min-height' => '0']);
        $content = (new Rules(['grid-area' => '1 / 1', 'position' => 'relative', 'width' => "min(100% - 2 * min({$overlay->padding}px, var(--widest-padding)), {$overlay->width}px)", 'margin' => "min({$overlay->padding}px, var(--widest-padding))", 'justify-self' => $overlay->along->value, 'align-self' => $overlay->across->value, 'display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)']))
            ->below($overlay->fold, ['grid-area' => 'auto', 'width' => '100%', 'margin' => '0']);

        return Tag::of(
            'div',
            ['class' => $this->named('overlay', $grid)],
            $this->leaves->ground($overlay)
            .Tag::of('div', ['class' => $this->named('over', $content)], $this->element($overlay->content))
        );
    }
}
