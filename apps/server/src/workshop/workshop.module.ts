import { Module, type DynamicModule } from '@nestjs/common'
import { APP_GUARD } from '@nestjs/core'
import { AuditService } from './audit.service.ts'
import { InvitationsController, PeopleController } from './people.controller.ts'
import { PeopleService } from './people.service.ts'
import { AttemptsService } from './attempts.service.ts'
import { Doorkeeper } from './doorkeeper.ts'
import { SecondFactorController } from './secondFactor.controller.ts'
import { SecondFactorService } from './secondFactor.service.ts'
import { SignInService } from './signIn.service.ts'
import { SessionController } from './session.controller.ts'
import { SessionGuard } from './session.guard.ts'
import { DEMO_MODE, SessionsService } from './sessions.service.ts'

/** Accounts, sessions, settings. Its guard stands before every route of every module. */
@Module({})
export class WorkshopModule {
  static for(demo: boolean): DynamicModule {
    return {
      module: WorkshopModule,
      global: true,
      controllers: [SessionController, SecondFactorController, PeopleController, InvitationsController],
      providers: [
        AuditService,
        AttemptsService,
        SessionsService,
        SignInService,
        SecondFactorService,
        Doorkeeper,
        PeopleService,
        { provide: DEMO_MODE, useValue: demo },
        { provide: APP_GUARD, useClass: SessionGuard },
      ],
      exports: [AuditService, PeopleService],
    }
  }
}
