<?php

declare(strict_types=1);

namespace DunePocket\Project;

use DunePocket\Brief\Brief;
use DunePocket\Plan\Plan;

/** Everything about one client's site: what is known and what is planned. Never changed, only replaced. */
final readonly class Project
{
    public function __construct(
        public string $name,
        public Brief $brief,
        public Plan $plan = new Plan(),
        public string $language = 'en',
        public Decisions $decisions = new Decisions(),
    ) {
    }

    public function withName(string $name): self
    {
        return new self($name, $this->brief, $this->plan, $this->language, $this->decisions);
    }

    public function withBrief(Brief $brief): self
    {
        return new self($this->name, $brief, $this->plan, $this->language, $this->decisions);
    }

    public function withPlan(Plan $plan): self
    {
        return new self($this->name, $this->brief, $plan, $this->language, $this->decisions);
    }

    public function withDecisions(Decisions $decisions): self
    {
        return new self($this->name, $this->brief, $this->plan, $this->language, $decisions);
    }
}
