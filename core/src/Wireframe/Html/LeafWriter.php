<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

use DunePocket\Catalogue\SectionKind;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Element\Align;
use DunePocket\Wireframe\Element\Button;
use DunePocket\Wireframe\Element\Element;
use DunePocket\Wireframe\Element\Field;
use DunePocket\Wireframe\Element\Logo;
use DunePocket\Wireframe\Element\Mark;
use DunePocket\Wireframe\Element\Overlay;
use DunePocket\Wireframe\Element\Picture;
use DunePocket\Wireframe\Element\Rating;
use DunePocket\Wireframe\Element\Table;
use DunePocket\Wireframe\Element\Words;
use DunePocket\Wireframe\Sizes;
use DunePocket\Wireframe\TextStyle;
use DunePocket\Wireframe\Viewport;

/** Writes the leaves of an arranged section: texts, buttons, fields, pictures and signs. */
final class LeafWriter
{
    private ?Section $section = null;
    private bool $sends = false;
    private int $level = 2;
    private bool $hasHeading = false;

    /**
     * @param bool                            $marked every leaf says which slot it shows
     * @param \Closure(string, Rules): string $named  gives a part its class names
     */
    public function __construct(private readonly Links $links, private readonly bool $marked, private readonly \Closure $named)
    {
    }

    public function begin(Section $section, SectionKind $kind): void
    {
        $this->section = $section;
        $this->sends = $kind->form;
        $this->level = $kind->lead ? 1 : 2;
        $this->hasHeading = null !== $section->line('heading') && !$section->look->hides('heading');
    }

    /** @param array<string, string> $placing */
    public function write(Element $element, array $placing = []): string
    {
        return match (true) {
            $element instanceof Words => $this->words($element, $placing),
            $element instanceof Button => $this->button($element, $placing),
            $element instanceof Field => $this->field($element, $placing),
            $element instanceof Picture => $this->picture($element, ['aspect-ratio' => "{$element->across} / {$element->down}", 'max-height' => 'var(--tallest)', 'width' => '100%', ...$placing]),
            $element instanceof Mark => $this->mark($element, $placing),
            $element instanceof Logo => $this->logo($element, $placing),
            $element instanceof Table => $this->table($element, $placing),
            $element instanceof Rating => $this->rating($element, $placing),
            default => throw new \LogicException('There is no rule for writing '.$element::class.'.'),
        };
    }

    /** @param list<Element> $elements */
    public function areItems(array $elements): bool
    {
        return [] === array_filter($elements, static fn (Element $element): bool => !$element instanceof Words || 'item' !== $element->kind);
    }

    /** The picture under an overlay's words. */
    public function ground(Overlay $overlay): string
    {
        $rules = (new Rules(['grid-area' => '1 / 1']))
            ->below($overlay->fold, ['grid-area' => 'auto', 'aspect-ratio' => "{$overlay->ground->across} / {$overlay->ground->down}", 'max-height' => 'var(--tallest)', 'width' => '100%']);

        return $this->media($overlay->ground, $rules);
    }

    /** @param array<string, string> $placing */
    private function words(Words $words, array $placing): string
    {
        $rules = $words->isRequest() ? $this->requestRules($words) : $this->wordRules($words);
        $href = \in_array($words->kind, ['link', 'item', 'name', 'phone', 'email'], true) ? $this->address($words) : null;
        $tag = null === $href ? $this->tag($words) : 'a';

        return Tag::of($tag, ['class' => ($this->named)($words->kind, new Rules([...$rules, ...$placing])), 'href' => $href, ...$this->slot($words->line)], Tag::text(self::spaced($words->text())));
    }

    private function address(Words $words): ?string
    {
        return match ($words->kind) {
            'phone' => $words->isRequest() ? null : 'tel:'.preg_replace('/[^+\d]/', '', $words->line->text),
            'email' => $words->isRequest() ? null : 'mailto:'.trim($words->line->text),
            default => $this->to($words->line),
        };
    }

    /** @return array<string, string> */
    private function wordRules(Words $words): array
    {
        $key = TextStyle::key($words->kind, $words->styles);
        $style = TextStyle::named($key, Viewport::Desktop);
        $rules = ['font' => "{$style->weight} var(--text-$key)"];
        $colour = $style->colour;
        if (!$words->onDark && 'ink' !== $colour) {
            $rules['color'] = "var(--$colour)";
        }
        if ('link' === $words->kind) {
            return [...$rules, 'justify-self' => $words->align->value, 'max-width' => '100%', 'text-decoration' => 'underline'];
        }
        if ($words->hasMeasure()) {
            $rules += ['width' => '100%', 'max-width' => 'var(--measure)', 'justify-self' => $words->align->value];
        }

        return Align::Start === $words->align ? $rules : [...$rules, 'text-align' => $words->align->value];
    }

    /** @return array<string, string> */
    private function requestRules(Words $words): array
    {
        $key = TextStyle::key($words->kind, $words->styles);

        return [
            'font' => "400 var(--request-$key)",
            'color' => 'var(--rust)',
            'background' => 'var(--paper)',
            'padding' => (Sizes::REQUEST - 1).'px',
            'border' => '1px dashed currentColor',
            'width' => 'fit-content',
            'max-width' => $words->hasMeasure() ? 'min(100%, var(--measure))' : '100%',
            'justify-self' => $words->align->value,
            'text-align' => $words->align->value,
        ];
    }

    private function tag(Words $words): string
    {
        return match (true) {
            'heading' === $words->kind => 'h'.$this->level,
            'item-heading' === $words->kind => 'h'.($this->level + ($this->hasHeading ? 1 : 0)),
            'quote' === $words->kind => 'blockquote',
            default => 'p',
        };
    }

    /** @param array<string, string> $placing */
    private function button(Button $button, array $placing): string
    {
        $request = CopyStatus::ToSupply === $button->line->status;
        $front = $button->onDark ? 'var(--paper)' : 'var(--graphite)';
        $rules = new Rules([
            'font' => '600 var(--text-button)',
            'padding' => Sizes::BUTTON_TOP.'px '.Sizes::BUTTON_SIDE.'px',
            'width' => $button->wide ? '100%' : 'fit-content',
            'max-width' => '100%',
            'justify-self' => $button->align->value,
            'text-align' => 'center',
            'text-decoration' => 'none',
            'border' => '0',
            'border-radius' => '3px',
            'background' => $button->quiet || $request ? 'transparent' : $front,
            'color' => match (true) {
                $request => 'var(--rust)',
                $button->quiet => $front,
                default => $button->onDark ? 'var(--ink)' : 'var(--paper)',
            },
            ...($button->quiet || $request ? ['box-shadow' => 'inset 0 0 0 1.5px currentColor'] : []),
            ...$placing,
        ]);
        $sends = $this->sends && !$button->quiet;

        return Tag::of($sends ? 'button' : 'a', ['class' => ($this->named)($button->quiet ? 'button-quiet' : 'button', $rules), 'type' => $sends ? 'submit' : null, 'href' => $sends ? null : $this->to($button->line) ?? '#', ...$this->slot($button->line)], Tag::text(self::spaced($button->line->text)));
    }

    /** @param array<string, string> $placing */
    private function field(Field $field, array $placing): string
    {
        $label = Tag::of('span', ['class' => ($this->named)('field-label', new Rules(['font' => '600 var(--text-field)'])), ...$this->slot($field->line)], Tag::text(self::spaced($field->line->text)));
        $height = $field->isTall() ? Sizes::FIELD_TALL : Sizes::FIELD_HEIGHT;
        $class = ($this->named)($field->isTall() ? 'field-area' : 'field-line', new Rules(['height' => $height.'px', 'width' => '100%', 'min-width' => '0', 'padding' => '8px 12px', 'font' => '400 var(--text-body)', 'border' => '1px solid var(--line)', 'border-radius' => '2px', 'background' => 'var(--paper)', 'color' => 'var(--ink)', 'resize' => 'none']));
        [$type, $complete] = self::type($field->line->text);
        $required = $field->isOptional() ? null : '';
        $input = $field->isTall() ? Tag::of('textarea', ['class' => $class, 'required' => $required]) : Tag::of('input', ['class' => $class, 'type' => $type, 'autocomplete' => $complete, 'required' => $required]);

        return Tag::of('label', ['class' => ($this->named)('field', new Rules(['display' => 'grid', 'grid-template-columns' => 'minmax(0, 1fr)', 'gap' => Sizes::FIELD_GAP.'px', ...$placing]))], $label.$input);
    }

    /** @return array{string, ?string} type and autofill of HTML: which keyboard a phone shows, and what a browser fills in */
    private static function type(string $label): array
    {
        return match (true) {
            1 === preg_match('/e-?mail/i', $label) => ['email', 'email'],
            1 === preg_match('/phone|number to ring/i', $label) => ['tel', 'tel'],
            1 === preg_match('/password/i', $label) => ['password', 'current-password'],
            1 === preg_match('/^(?:your )?name/i', $label) => ['text', 'name'],
            1 === preg_match('/postcode|zip/i', $label) => ['text', 'postal-code'],
            1 === preg_match('/^street|^address/i', $label) => ['text', 'street-address'],
            1 === preg_match('/^country/i', $label) => ['text', 'country-name'],
            1 === preg_match('/^date|day you/i', $label) => ['date', null],
            1 === preg_match('/search|looking for/i', $label) => ['search', null],
            default => ['text', null],
        };
    }

    /** @param array<string, string> $rules */
    private function picture(Picture $picture, array $rules): string
    {
        return $this->media($picture, new Rules($rules));
    }

    private function media(Picture $picture, Rules $rules): string
    {
        $rules = $rules->with(['position' => 'relative', 'overflow' => 'hidden', 'border' => '1px solid var(--line)', 'background' => "var(--{$picture->kind}) center / 100% 100% no-repeat var(--dune)"]);
        $request = CopyStatus::ToSupply === $picture->line->status;
        $note = Tag::of('span', ['class' => ($this->named)('note', new Rules(['position' => 'absolute', 'inset' => 'auto 13px 8px', 'font' => '400 13px/18px var(--sans)', 'color' => $request ? 'var(--rust)' : 'var(--quiet)'])), 'aria-hidden' => 'true'], Tag::text(self::spaced($picture->line->text)));

        return Tag::of('div', ['class' => ($this->named)($picture->kind, $rules), 'role' => 'img', 'aria-label' => self::spaced($picture->line->text), ...$this->slot($picture->line)], $note);
    }

    /** @param array<string, string> $placing */
    private function mark(Mark $mark, array $placing): string
    {
        $rules = new Rules(['width' => "{$mark->size}px", 'height' => "{$mark->size}px", 'border' => '1px solid var(--line)', 'border-radius' => '50%', 'background' => 'var(--sand)', 'justify-self' => $mark->align->value, 'font' => '600 16px/'.($mark->size - 2).'px var(--sans)', 'text-align' => 'center', ...$placing]);

        return 'number' === $mark->kind
            ? Tag::of('span', ['class' => ($this->named)('number', $rules), 'aria-hidden' => 'true'], Tag::text(mb_substr($mark->line->text, 0, 2)))
            : Tag::of('span', ['class' => ($this->named)($mark->kind, $rules), 'role' => 'img', 'aria-label' => self::spaced($mark->line->text)]);
    }

    /** @param array<string, string> $placing */
    private function logo(Logo $logo, array $placing): string
    {
        $request = CopyStatus::ToSupply === $logo->line->status;
        $rules = new Rules(['width' => '100%', 'max-width' => Sizes::LOGO_WIDTH.'px', 'height' => Sizes::LOGO_HEIGHT.'px', 'border' => $request ? '1px dashed var(--rust)' : '1px solid var(--line)', 'border-radius' => '2px', 'background' => 'var(--sand)', 'justify-self' => $logo->align->value, ...$placing]);

        return Tag::of('div', ['class' => ($this->named)('logo', $rules), 'role' => 'img', 'aria-label' => self::spaced($logo->line->text), ...$this->slot($logo->line)]);
    }

    /** @param array<string, string> $placing */
    private function table(Table $table, array $placing): string
    {
        $cell = static fn (string $style, int $weight): Rules => new Rules(['font' => "$weight var(--text-$style)", 'padding' => Sizes::CELL_TOP.'px '.Sizes::CELL_SIDE.'px '.Sizes::CELL_TOP.'px 0', 'border-top' => '1px solid var(--line)', 'text-align' => 'start', 'vertical-align' => 'top', 'overflow-wrap' => 'break-word']);
        $rows = '';
        foreach ($table->rows() as $n => $cells) {
            $row = '';
            foreach ($cells as $at => $text) {
                $heads = 0 === $n;
                $name = $heads ? 'th' : 'td';
                $empty = $heads && '' === $text;
                $row .= Tag::of($empty ? 'td' : $name, ['class' => ($this->named)($heads ? 'cell-heading' : 'table-cell', $cell($heads ? 'cell-heading' : 'cell', $heads ? 600 : 400)), 'scope' => $heads && !$empty ? 'col' : null], Tag::text($text));
            }
            $rows .= Tag::of('tr', [], $row);
        }
        $rules = new Rules(['width' => '100%', 'table-layout' => 'fixed', 'border-collapse' => 'separate', 'border-spacing' => '0', ...($table->onDark ? [] : ['color' => 'var(--body)']), ...$placing]);

        return Tag::of('table', ['class' => ($this->named)('table', $rules), ...$this->slot($table->line)], $rows);
    }

    /** @param array<string, string> $placing */
    private function rating(Rating $rating, array $placing): string
    {
        $rules = new Rules(['width' => Sizes::RATING_WIDTH.'px', 'height' => Sizes::RATING_HEIGHT.'px', 'display' => 'flex', 'gap' => '2px', 'justify-self' => $rating->align->value, ...$placing]);
        $sign = static fn (bool $full): array => ['width' => Sizes::RATING_HEIGHT.'px', 'height' => Sizes::RATING_HEIGHT.'px', 'border' => '1px solid var(--line)', 'border-radius' => '50%', 'background' => $full ? 'var(--graphite)' : 'var(--sand)'];
        $signs = '';
        for ($n = 0; $n < 5; ++$n) {
            $full = $n < $rating->filled();
            $signs .= Tag::of('span', ['class' => ($this->named)($full ? 'rating-full' : 'rating-empty', new Rules($sign($full)))]);
        }

        return Tag::of('div', ['class' => ($this->named)('rating', $rules), 'role' => 'img', 'aria-label' => self::spaced($rating->line->text), ...$this->slot($rating->line)], $signs);
    }

    private function to(CopyLine $line): ?string
    {
        return null === $this->section ? null : $this->links->of($this->section, $line);
    }

    /** @return array<string, ?string> */
    private function slot(CopyLine $line): array
    {
        return $this->marked ? ['data-slot' => $line->slot, 'data-item' => null === $line->item ? null : (string) $line->item] : [];
    }

    /** Without the spaces that a browser would not show. */
    private static function spaced(string $text): string
    {
        return trim(preg_replace(['/[ \t]+/', '/ ?\n ?/'], [' ', "\n"], $text) ?? $text);
    }
}
