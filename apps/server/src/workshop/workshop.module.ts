import { Module, type DynamicModule } from '@nestjs/common'
import { APP_GUARD } from '@nestjs/core'
import { AuditService } from './audit.service.ts'
import { InvitationsController, PeopleController } from './people.controller.ts'
import { PeopleService } from './people.service.ts'
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
      controllers: [SessionController, PeopleController, InvitationsController],
      providers: [
        AuditService,
        SessionsService,
        PeopleService,
        { provide: DEMO_MODE, useValue: demo },
        { provide: APP_GUARD, useClass: SessionGuard },
      ],
      exports: [AuditService, PeopleService],
    }
  }
}
