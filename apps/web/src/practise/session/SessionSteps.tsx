import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { CheckOutlined, ForwardOutlined } from '@ant-design/icons';
import type { SessionStep } from '@drop-close/core';
import { Button, Drawer } from 'antd';
import { RowHandle } from '../../ui/RowHandle';
import { spokenDrag } from '../../ui/spokenDrag';
import { GRADE_WORDS } from '../base/grades';
import { session as actions, useSession } from './sessionStore';
import { useStepWords } from './useStepWords';

/** All steps of the session: what is over, what is now, and what comes, in an order that can be changed. */
export function SessionSteps({ open, onClose }: { open: boolean; onClose: () => void }) {
  const session = useSession((state) => state.session);
  const words = useStepWords();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  if (!session) return null;
  const { steps, at } = session;
  const onDragEnd = ({ active, over }: DragEndEvent): void => {
    const place = (id: unknown): number => steps.findIndex((step) => step.id === id);
    if (over && active.id !== over.id) actions.move(place(active.id), place(over.id));
  };
  const nameOf = (id: unknown): string => {
    const step = steps.find((each) => each.id === id);
    return step ? words(step) : '';
  };
  return (
    <Drawer open={open} onClose={onClose} size={460} title="This session" destroyOnHidden>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        accessibility={{ announcements: spokenDrag(nameOf) }}
        onDragEnd={onDragEnd}
      >
        <SortableContext
          items={steps.slice(at).map(({ id }) => id)}
          strategy={verticalListSortingStrategy}
        >
          <ol className="session-steps">
            {steps.map((step, position) => (
              <Step
                key={step.id}
                step={step}
                words={words(step)}
                place={position < at ? 'over' : position === at ? 'now' : 'to come'}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <p>
        <Button disabled={at === 0} onClick={actions.back}>
          Back one step
        </Button>{' '}
        <Button
          onClick={() => {
            onClose();
            actions.end();
          }}
        >
          End the session
        </Button>
      </p>
    </Drawer>
  );
}

interface StepProps {
  readonly step: SessionStep;
  readonly words: string;
  readonly place: 'over' | 'now' | 'to come';
}

function Step({ step, words, place }: StepProps) {
  const sortable = useSortable({ id: step.id, disabled: place === 'over' });
  const { setNodeRef, setActivatorNodeRef, attributes, listeners } = sortable;
  const style = {
    transform: CSS.Translate.toString(sortable.transform),
    transition: sortable.transition,
  };
  return (
    <li
      ref={setNodeRef}
      style={style}
      className={`session-step session-${place.replace(' ', '-')}`}
    >
      {place === 'over' ? (
        <span className="session-mark">
          {step.state === 'done' ? (
            <CheckOutlined aria-label="done" />
          ) : (
            <ForwardOutlined aria-label="skipped" />
          )}
        </span>
      ) : (
        <RowHandle
          ref={setActivatorNodeRef}
          {...attributes}
          {...listeners}
          aria-label={`Move “${words}”`}
        />
      )}
      <span>
        {step.kind === 'new' && 'New: '}
        {words}
        {place === 'now' && <b> – now</b>}
        {step.grade && <span className="quiet">, {GRADE_WORDS[step.grade].toLowerCase()}</span>}
      </span>
      <span className="quiet">{step.minutes} min</span>
    </li>
  );
}
