import type { Answer } from '@drop-close/core';
import { Button, Input } from 'antd';
import { useState, type SyntheticEvent } from 'react';

interface SymbolsAnswerProps {
  readonly isOver: boolean;
  readonly count: number;
  readonly onAnswer: (answer: Answer) => void;
}

/** Chord symbols, typed one after the other. */
export function SymbolsAnswer({ isOver, count, onAnswer }: SymbolsAnswerProps) {
  const [symbols, setSymbols] = useState<readonly string[]>(Array<string>(count).fill(''));
  const submit = (event: SyntheticEvent): void => {
    event.preventDefault();
    if (!isOver) onAnswer({ symbols: symbols.map((symbol) => symbol.trim()) });
  };
  return (
    <form className="drill-answer" onSubmit={submit}>
      <div className="drill-choices">
        {symbols.map((symbol, at) => (
          <Input
            key={at}
            size="large"
            aria-label={`Chord ${at + 1}`}
            autoFocus={at === 0}
            disabled={isOver}
            value={symbol}
            maxLength={24}
            onChange={({ target }) => {
              setSymbols(symbols.map((each, place) => (place === at ? target.value : each)));
            }}
          />
        ))}
      </div>
      {!isOver && (
        <Button type="primary" size="large" htmlType="submit">
          That is my answer
        </Button>
      )}
    </form>
  );
}
