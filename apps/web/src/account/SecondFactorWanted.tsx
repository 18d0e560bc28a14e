import { signOut } from '../api/people.ts'
import { Button } from '../shell/Button.tsx'
import { CardPage } from './CardPage.tsx'
import { leave } from './leave.ts'
import { SecondFactorSetUp } from './SecondFactorSetUp.tsx'

/** The workshop asks for a second factor and there is none yet. */
export const SecondFactorWanted = ({ onDone }: { onDone: () => void }) => (
  <CardPage title="Set up a second factor">
    <p className="mb-2">
      Your workshop asks everybody for a second factor beside the password. Set yours up to carry on.
    </p>
    <SecondFactorSetUp onDone={onDone} />
    <div className="mt-4 flex border-t border-hair pt-3">
      <Button kind="quiet" onClick={() => void leave(signOut)}>
        Sign out
      </Button>
    </div>
  </CardPage>
)
