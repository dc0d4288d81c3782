import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router-dom';
import type { Question, Schemas } from '../api/client';
import { useWorkbench } from '../project/context';
import { AskClient } from './AskClient';
import { answerTo } from './answer';
import { FactValue } from './FactValue';

function Worth({ question }: { question: Question }) {
  return question.points > 0 ? (
    <span className="mono points">+{question.points}</span>
  ) : (
    <span className="mono points quiet" title="Brings no points, but helps to decide">
      ·
    </span>
  );
}

/** The score with its parts, and the questions still open, answerable in place. */
export function Questions({ catalogue }: { catalogue: Schemas['Catalogue'] | undefined }) {
  const { project, act } = useWorkbench();
  const [answering, setAnswering] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const { questions, skipped, score } = project.brief;
  const worth = questions.reduce((sum, question) => sum + question.points, 0);
  const answer = (question: Question, value: string) => {
    if (value) act(answerTo(question, value));
    setAnswering(null);
  };
  const skip = (question: Question, isSkipped: boolean) =>
    act({ type: 'skip-question', question: question.id.replace(/^q-/, ''), skipped: isSkipped });
  return (
    <section className="questions" aria-label="Score and open questions">
      <div className="score">
        <p>
          <span className="score-total">{score.total}</span> <span className="quiet">of 100</span>
        </p>
        {score.parts.map((part) => (
          <div key={part.name} className="part">
            <span>{part.name}</span>
            <span className="bar-line" aria-hidden="true">
              <span
                className={part.points * 2 < part.of ? 'low' : ''}
                style={{ width: `${(100 * part.points) / part.of}%` }}
              />
            </span>
            <span className="mono">
              {part.points}/{part.of}
            </span>
          </div>
        ))}
      </div>
      <div className="open">
        <div className="open-head">
          <h2>
            {questions.length
              ? `Still open: ${questions.length} questions, worth ${worth} points`
              : 'Nothing is open. The brief says all a plan needs.'}
          </h2>
          <span className="do">
            {questions.length > 0 && (
              <Link to={`/projects/${project.id}/interview`}>
                <Button size="small" tabIndex={-1}>
                  Interview
                </Button>
              </Link>
            )}
            <Button
              size="small"
              type={project.figures.answers > 0 ? 'primary' : 'default'}
              onClick={() => setAsking(true)}
            >
              {project.figures.answers > 0 ? 'The client has answered' : 'Ask the client'}
            </Button>
          </span>
        </div>
        <div className="open-list">
          <ul>
            {questions.map((question) => (
              <li key={question.id}>
                <Worth question={question} />
                <span className="ask">
                  {question.text} <span className="small quiet">{question.effect}</span>
                </span>
                {answering === question.id && catalogue ? (
                  <FactValue
                    kind={question.kind}
                    value=""
                    catalogue={catalogue}
                    label={question.text}
                    onSave={(value) => answer(question, value)}
                    onCancel={() => setAnswering(null)}
                  />
                ) : question.suggestions.length ? (
                  <span className="suggestions">
                    {question.suggestions.slice(0, 9).map((one) => (
                      <Button key={one.value} size="small" onClick={() => answer(question, one.value)}>
                        {one.label}
                      </Button>
                    ))}
                  </span>
                ) : (
                  <span className="small quiet">{question.fact ? '' : question.hint}</span>
                )}
                <span className="do">
                  {answering !== question.id && !question.fact && (
                    <Button size="small" onClick={() => setAnswering(question.id)}>
                      Answer
                    </Button>
                  )}
                  <button className="plain link small" onClick={() => skip(question, true)}>
                    Skip
                  </button>
                </span>
              </li>
            ))}
          </ul>
          {skipped.length > 0 && (
            <details className="small">
              <summary>Set aside: {skipped.length}</summary>
              <ul>
                {skipped.map((question) => (
                  <li key={question.id}>
                    <Worth question={question} />
                    <span className="ask">{question.text}</span>
                    <span className="do">
                      <button
                        className="plain link small"
                        aria-label={`Ask again: ${question.text}`}
                        onClick={() => skip(question, false)}
                      >
                        Ask again
                      </button>
                    </span>
                  </li>
                ))}
              </ul>
            </details>
          )}
        </div>
      </div>
      {asking && <AskClient onClose={() => setAsking(false)} />}
    </section>
  );
}
